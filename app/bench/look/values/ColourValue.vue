<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { shownColour } from '~~/core/looks/site-palette'
import ColourWell from '../../../shared/ColourWell.vue'
import { valueName } from '../../../shared/looks/value-names'
import { useCatalogue } from '../../../stores/catalogue'
import { useUsedColours } from '../used-colours'
import { words } from '../words'

/** A colour: one of the site's palette, which goes along when that changes, or one of its own. */
const props = defineProps<{ label: string; value: string | undefined; usual?: string | null }>()
const emit = defineEmits<{ change: [value: string] }>()
const catalogue = useCatalogue()
const palette = computed(() => catalogue.catalogue.values.palette)
const used = useUsedColours()
/** What is one press away: the palette, and other colours that are in use. */
const offered = computed(() =>
  [
    {
      label: words.palette(props.label),
      isPalette: true,
      samples: palette.value.map(({ name, light }) => ({
        value: name,
        title: valueName(name),
        colour: light,
      })),
    },
    {
      label: words.used(props.label),
      isPalette: false,
      samples: used.value.map((colour) => ({ value: colour, title: colour, colour })),
    },
  ].filter(({ samples }) => samples.length > 0),
)
const text = ref(props.value ?? '')
watch(
  () => props.value,
  (value) => (text.value = value ?? ''),
)

const form = /^#(?:[\da-f]{6}|[\da-f]{8})$/

function typed(next: string) {
  text.value = next
  const colour = next.trim().toLowerCase()
  if (form.test(colour)) emit('change', colour)
}
</script>

<template>
  <div class="colour-value">
    <div
      v-for="group in offered"
      :key="group.label"
      class="palette"
      :class="{ used: !group.isPalette }"
      role="group"
      :aria-label="group.label"
    >
      <button
        v-for="sample in group.samples"
        :key="sample.value"
        type="button"
        :aria-pressed="value === sample.value"
        :aria-label="sample.title"
        :title="sample.title"
        :style="{ background: sample.colour }"
        @click="emit('change', sample.value)"
      />
    </div>
    <ColourWell
      :value="shownColour(value ?? usual ?? '#ffffff', palette).slice(0, 7)"
      :label="`${words.pick}: ${label}`"
      @pick="emit('change', $event)"
    >
      <v-text-field
        :aria-label="`${label}: ${words.ownColour}`"
        maxlength="9"
        :placeholder="usual ?? '#rrggbb'"
        persistent-placeholder
        :model-value="text"
        @update:model-value="typed($event ?? '')"
        @blur="text = value ?? ''"
      />
    </ColourWell>
  </div>
</template>

<style scoped>
.colour-value {
  display: grid;
  gap: 8px;
}

.palette {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.palette button {
  width: 32px;
  height: 32px;
  border: 1px solid var(--edge);
  border-radius: 7px;
}

.used button {
  width: 24px;
  height: 24px;
}

.palette button[aria-pressed='true'] {
  box-shadow:
    0 0 0 2px var(--sheet),
    0 0 0 4px var(--clause, var(--ink));
}
</style>
