<script setup lang="ts">
import { newAuthorsControl } from '~~/core/visitors/authors'
import type { AuthorsControl } from '~~/core/visitors/authors'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import ControlLabel from './ControlLabel.vue'
import WaysSettings from './WaysSettings.vue'
import { words } from './words'

const props = defineProps<{ control: AuthorsControl }>()
const emit = defineEmits<{ change: [control: AuthorsControl, subject: string] }>()

function set(change: Partial<AuthorsControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.author" :fallback="newAuthorsControl" @change="set" />
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="newAuthorsControl.layout"
    :choices="choicesOf(words.layouts)"
    @change="set({ layout: $event })"
  />
  <ChoiceSetting
    :label="words.choose"
    :value="control.choose"
    :fallback="newAuthorsControl.choose"
    :choices="choicesOf(words.valueChoosings)"
    @change="set({ choose: $event })"
  />
  <NumberSetting
    :label="words.most"
    :value="control.most"
    :fallback="newAuthorsControl.most"
    :least="1"
    :most="60"
    @change="set({ most: $event })"
  />
  <WaysSettings :control="control" :usual="newAuthorsControl" @change="set" />
</template>
