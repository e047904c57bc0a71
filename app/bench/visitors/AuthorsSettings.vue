<script setup lang="ts">
import { newAuthorsControl } from '~~/core/visitors/authors'
import type { AuthorsControl } from '~~/core/visitors/authors'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import ChoosingSettings from './ChoosingSettings.vue'
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
  <ChoosingSettings
    :control="control"
    :usual="newAuthorsControl"
    :layouts="words.layouts"
    :choosings="words.valueChoosings"
    @change="set"
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
