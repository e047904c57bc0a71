<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { codeFitting, mostRoom, usualRoom } from '~~/core/fittings/code'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

/** The code is taken when the field is left: half of it would run as it is typed. */
const props = defineProps<{ settings: ChosenFitting<'code'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'code'>, subject: string] }>()

function setCode(event: Event) {
  emit('change', { ...props.settings, code: (event.target as HTMLTextAreaElement).value }, 'code')
}
</script>

<template>
  <v-textarea
    class="code"
    :label="words.code"
    :hint="words.codeHint"
    persistent-hint
    rows="7"
    maxlength="20000"
    spellcheck="false"
    :model-value="settings.code"
    @change="setCode"
  />
  <TextSetting
    :label="words.codeTitle"
    :value="settings.title"
    :fallback="codeFitting.defaults.title"
    :most="120"
    @change="emit('change', { ...props.settings, title: $event }, 'title')"
  />
  <NumberSetting
    :label="words.codeRoom"
    :value="settings.room ?? usualRoom"
    :fallback="usualRoom"
    :least="20"
    :most="mostRoom"
    unit="px"
    @change="emit('change', { ...props.settings, room: $event }, 'room')"
  />
  <p class="hint">{{ words.codeRoomHint }}</p>
  <SwitchSetting
    :label="words.asksFirst"
    :value="settings.asksFirst"
    :fallback="codeFitting.defaults.asksFirst"
    @change="emit('change', { ...props.settings, asksFirst: $event }, 'asksFirst')"
  />
</template>

<style scoped>
.code {
  margin-bottom: 12px;
}

.code :deep(textarea) {
  font-family: ui-monospace, monospace;
  font-size: var(--size-small);
}

.hint {
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
