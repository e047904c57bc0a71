<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { readLength, steppedLength } from '~~/core/looks/length-input'
import type { StyleProperty } from '~~/core/looks/properties/define'
import { isLength, lengthParts } from '~~/core/looks/properties/values'
import type { Length, StyleLength } from '~~/core/looks/properties/values'
import { stepLength } from '~~/core/looks/site-scales'
import ActionMenu from '../../../shared/ActionMenu.vue'
import { valueName } from '../../../shared/looks/value-names'
import { useCatalogue } from '../../../stores/catalogue'
import { words } from '../words'

/**
 * A length, typed with its unit, as a small sum or by the name of a step of the site's scale, chosen from
 * those, or stepped by the arrow keys, ten at a time with Shift.
 * It holds once it is whole: with Enter, or when the field is left.
 */
const props = defineProps<{
  property: StyleProperty
  label: string
  value: StyleLength | undefined
  usual: string | null
}>()
const emit = defineEmits<{ change: [value: StyleLength | undefined] }>()
const catalogue = useCatalogue()
const scale = computed(() => {
  const { value } = props.property
  return value.kind === 'length' && value.scale !== null ? catalogue.catalogue.values[value.scale] : []
})
const shown = computed(() => (props.value === undefined ? '' : nameOf(props.value)))
const text = ref(shown.value)
const fault = ref<string>()
watch(shown, (next) => (text.value = next))

/** What a length is called: a step by its name. */
function nameOf(value: StyleLength): string {
  return scale.value.some(({ name }) => name === value) ? valueName(value) : value
}

/** From where it is stepped: what is set, or else what the page has. */
const base = computed<Length>(() => lengthOf(props.value ?? props.usual ?? '') ?? '0px')

/** How long a length is that may be a step. */
function lengthOf(value: StyleLength): Length | null {
  return isLength(value) ? value : (stepLength(scale.value, value) ?? readLength(value))
}

const steps = computed(() =>
  scale.value.map(({ name, value, unit }) => ({
    title: words.step(valueName(name), `${value} ${unit}`),
    run: () => emit('change', name),
  })),
)

function readTyped(): StyleLength | null | undefined {
  const typed = text.value.trim()
  if (typed === '') return undefined
  const named = scale.value.find(({ name }) =>
    [name, valueName(name).toLowerCase()].includes(typed.toLowerCase()),
  )
  return named?.name ?? readLength(typed, lengthParts(base.value).unit)
}

function give() {
  if (text.value === shown.value) return
  const read = readTyped()
  fault.value = read === null ? words.notLength : undefined
  if (read !== null) emit('change', read)
}

function left() {
  give()
  text.value = shown.value
  fault.value = undefined
}

/** By so many steps from where it is. */
function step(steps: number) {
  emit('change', steppedLength(base.value, steps))
}

defineExpose({ step })
</script>

<template>
  <v-text-field
    :aria-label="label"
    :model-value="text"
    :placeholder="usual === null ? words.usual : nameOf(usual)"
    :error-messages="fault"
    persistent-placeholder
    @update:model-value="text = $event ?? ''"
    @keydown.enter="give"
    @keydown.up.prevent="step($event.shiftKey ? 10 : 1)"
    @keydown.down.prevent="step($event.shiftKey ? -10 : -1)"
    @blur="left"
  >
    <template v-if="steps.length > 0" #append-inner>
      <ActionMenu v-slot="{ opener }" :label="words.steps(label)" :actions="steps">
        <v-btn
          v-bind="opener"
          :icon="mdiChevronDown"
          size="24"
          variant="text"
          :aria-label="words.steps(label)"
        />
      </ActionMenu>
    </template>
  </v-text-field>
</template>
