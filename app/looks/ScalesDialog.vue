<script setup lang="ts">
import { ref, watch } from 'vue'
import { readLength } from '~~/core/looks/length-input'
import { lengthParts } from '~~/core/looks/properties/values'
import { scales, siteScales } from '~~/core/looks/site-scales'
import type { Scale } from '~~/core/looks/site-scales'
import { mostSteps } from '~~/core/looks/site-values'
import type { SavedSiteValues } from '~~/core/looks/site-values'
import { tokenNameOf } from '~~/core/looks/tokens/site-tokens'
import type { ScaleStep, SiteTokens } from '~~/core/looks/tokens/site-tokens'
import FormDialog from '../shared/FormDialog.vue'
import BringInTokens from './BringInTokens.vue'
import ScaleRows from './ScaleRows.vue'
import type { StepRow } from './ScaleRows.vue'
import { withOthers } from './token-files'
import { useSiteValuesForm } from './site-values-form'
import { words } from './words'

/** Changes the named sizes of letters and the named spaces of the site. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ site: SavedSiteValues }>()
const emit = defineEmits<{ saved: [] }>()

type Typed = Readonly<Record<Scale, readonly StepRow[]>>
const { values, faults, leave, sending, problem, changed, save } = useSiteValuesForm<Typed>(open, {
  typed: () => ({ letterSizes: rowsOf(props.site.letterSizes), spaces: rowsOf(props.site.spaces) }),
  asked,
  fieldOf: (path) => path.replace(/\.(?:value|unit)$/, '.length'),
  saved: () => emit('saved'),
})
const told = ref('')
watch(open, () => (told.value = ''))

function rowsOf(steps: readonly ScaleStep[]): readonly StepRow[] {
  return steps.map(({ name, value, unit }) => ({ name, length: `${value}${unit}` }))
}

function asked(typed: Typed): SavedSiteValues {
  const steps = (scale: Scale) =>
    typed[scale].map(({ name, length }, at) => ({
      name: siteScales[scale][at]?.name ?? tokenNameOf([name]) ?? '',
      ...stepOf(length),
    }))
  return { ...props.site, letterSizes: steps('letterSizes'), spaces: steps('spaces') }
}

/** What can't be a step has a value that is refused. */
function stepOf(typed: string): Pick<ScaleStep, 'value' | 'unit'> {
  const length = readLength(typed)
  const parts = length === null ? null : lengthParts(length)
  return parts !== null && (parts.unit === 'px' || parts.unit === 'rem')
    ? { value: parts.value, unit: parts.unit }
    : { value: -1, unit: 'px' }
}

function take(found: SiteTokens | null) {
  const count = found === null ? 0 : found.letterSizes.length + found.spaces.length
  if (found === null || count === 0) {
    told.value = found === null ? words.palette.notTokens : words.scales.noLengths
    return
  }
  for (const scale of scales)
    values[scale] = withOthers(values[scale], rowsOf(found[scale])).slice(0, mostSteps)
  told.value = words.scales.taken(count)
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.scales.change"
    :width="720"
    :save="words.palette.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <p class="note">{{ words.scales.about }}</p>
    <div class="both">
      <ScaleRows
        v-for="scale in scales"
        :key="scale"
        :scale="scale"
        :rows="values[scale]"
        :faults="faults"
        @change="values[scale] = $event"
        @leave="leave"
      />
    </div>
    <div class="presses">
      <BringInTokens @found="take" />
      <v-btn
        height="34"
        variant="text"
        @click="scales.forEach((scale) => (values[scale] = rowsOf(siteScales[scale])))"
        >{{ words.palette.usual }}</v-btn
      >
    </div>
    <p v-if="told" class="note" role="status">{{ told }}</p>
  </FormDialog>
</template>

<style scoped>
.note {
  color: var(--soft);
  font-size: var(--size-small);
}

.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 280px), 1fr));
  align-items: start;
  gap: 20px 32px;
}

.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
