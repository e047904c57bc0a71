<script setup lang="ts">
import { computed } from 'vue'
import { fieldTypes } from '~~/core/content/fields'
import type { FieldSpread } from '~~/core/content/answers'
import type { KnownField } from '~~/core/words'
import { useAnswer } from '../../shared/answers'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** How the real values of a field are spread, with what lies between the limits marked. */
const props = defineProps<{ field: KnownField; from: unknown; to: unknown }>()
const catalogue = useCatalogue()

const { answer: spread } = useAnswer<FieldSpread>(
  () => ({ path: `/api/bench/fields/${props.field.id}/spread` }),
  { keep: false },
)

const most = computed(() => Math.max(1, ...(spread.value?.bins ?? [])))
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale, { maximumFractionDigits: 2 }))

function keyOf(value: unknown): number | null {
  const type = fieldTypes.get(props.field.type)
  const parsed = value === null ? null : type.parse(value, props.field.settings)
  const key = parsed?.ok ? type.sortKey?.(parsed.value, props.field.settings) : null
  return typeof key === 'number' ? key : null
}

function isWithin(at: number): boolean {
  const { least, most: greatest, bins } = spread.value ?? { least: 0, most: 0, bins: [] }
  const step = (greatest - least) / Math.max(1, bins.length)
  const [from, to] = [keyOf(props.from), keyOf(props.to)]
  return (from === null || least + (at + 1) * step > from) && (to === null || least + at * step <= to)
}
</script>

<template>
  <figure v-if="spread && spread.bins.length > 0" class="spread">
    <div class="bars" aria-hidden="true">
      <span
        v-for="(bin, at) in spread.bins"
        :key="at"
        :class="{ within: isWithin(at) }"
        :style="{ height: `${bin === 0 ? 0 : Math.max(6, (bin / most) * 100)}%` }"
      />
    </div>
    <figcaption class="tabular">
      {{ words.histogram(format.format(spread.least), format.format(spread.most)) }}
    </figcaption>
  </figure>
</template>

<style scoped>
.spread {
  margin: 0;
}

.bars {
  display: flex;
  align-items: flex-end;
  gap: 2px;
  height: 34px;
  border-bottom: 1px solid var(--line);
}

.bars span {
  flex: 1;
  border-radius: 2px 2px 0 0;
  background: var(--line);
}

.bars .within {
  background: var(--clause);
}

figcaption {
  font-size: var(--size-fine);
  color: var(--soft);
}
</style>
