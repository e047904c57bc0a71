<script setup lang="ts" generic="Layout extends string, Choose extends string">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { words } from './words'

/** How ways that narrow are laid out, and how many of them visitors choose together. */
interface Choosing {
  readonly layout: Layout
  readonly choose: Choose
}
defineProps<{
  control: Choosing
  usual: Choosing
  layouts: Readonly<Record<Layout, string>>
  choosings: Readonly<Record<Choose, string>>
}>()
const emit = defineEmits<{ change: [change: Partial<Choosing>] }>()
</script>

<template>
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="usual.layout"
    :choices="choicesOf(layouts)"
    @change="emit('change', { layout: $event })"
  />
  <ChoiceSetting
    :label="words.choose"
    :value="control.choose"
    :fallback="usual.choose"
    :choices="choicesOf(choosings)"
    @change="emit('change', { choose: $event })"
  />
</template>
