<script setup lang="ts">
import { mdiChevronDown, mdiTrashCanOutline } from '@mdi/js'
import { computed, useId, useTemplateRef, watch } from 'vue'
import { partKey, parts } from '~~/core/cards/parts'
import type { PartSetting } from '~~/core/cards/parts'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import type { Direction } from '../../shared/sorting/MoveHandle.vue'
import { holdFocus } from '../../shared/sorting/held-focus'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useCardFields } from './fields'
import EveryPartSettings from './EveryPartSettings.vue'
import { partSettings } from './index'
import { words } from './words'

/** One part of the card: shown or not, and, opened, everything that can be set for it. */
const props = defineProps<{ setting: PartSetting; beside: boolean; usual: boolean }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{
  change: [setting: PartSetting]
  step: [by: 1 | -1]
  remove: []
}>()
const selection = useSelection()
const shown = useShown()
const { fields } = useCardFields()
const id = useId()

const kind = computed(() => parts.get(props.setting.part))
/** A field is called by its own name. */
const title = computed(() => {
  const field =
    props.setting.part === 'field' || props.setting.part === 'date'
      ? fields.value.find((one) => 'field' in props.setting && one.id === props.setting.field)
      : undefined
  return props.setting.part === 'label' ? `“${props.setting.text}”` : (field?.name ?? kind.value.title)
})
const key = computed(() => partKey(props.setting))
const trouble = computed(() => {
  if (!open.value || !props.setting.on || shown.partTrouble === null) return null
  const comesLater = kind.value.opens?.(props.setting) !== undefined
  const absent = comesLater ? words.absentNow : words.absent
  return { absent, hidden: words.hidden, covered: words.covered }[shown.partTrouble]
})

const row = useTemplateRef<HTMLElement>('row')
/** One opened by a press on the page comes into sight. */
watch(open, (isOpen) => isOpen && row.value?.scrollIntoView({ block: 'nearest', behavior: 'smooth' }), {
  flush: 'post',
  immediate: true,
})

function step(direction: Direction, handle: HTMLElement) {
  holdFocus(handle, title.value)
  emit('step', direction === 'up' || direction === 'left' ? -1 : 1)
}
</script>

<template>
  <li
    ref="row"
    class="part"
    :class="{ off: !setting.on }"
    :data-key="key"
    @mouseenter="selection.pointedPart = key"
    @mouseleave="selection.pointedPart = null"
  >
    <div class="part-head">
      <MoveHandle v-if="setting.part !== 'picture'" :name="title.toLowerCase()" :move="key" @step="step" />
      <button
        type="button"
        class="part-title"
        :class="{ still: setting.part === 'picture' }"
        :aria-expanded="open"
        :aria-controls="id"
        :aria-label="words.settings(title)"
        @click="open = !open"
      >
        {{ title }}<v-icon :icon="mdiChevronDown" size="16" :class="{ turned: open }" />
      </button>
      <v-switch
        :model-value="setting.on"
        :aria-label="words.show(title)"
        @update:model-value="emit('change', { ...setting, on: $event === true })"
      />
    </div>
    <div v-if="open" :id="id" class="part-settings">
      <p v-if="trouble" class="trouble" role="status">{{ trouble }}</p>
      <component
        :is="partSettings[setting.part]"
        v-if="partSettings[setting.part]"
        :setting="setting"
        :beside="setting.part === 'picture' ? beside : undefined"
        @change="emit('change', $event)"
      />
      <EveryPartSettings :setting="setting" @change="emit('change', $event)" />
      <v-btn
        v-if="!usual"
        height="32"
        variant="text"
        :prepend-icon="mdiTrashCanOutline"
        class="remove"
        @click="emit('remove')"
        >{{ words.remove }}</v-btn
      >
    </div>
  </li>
</template>

<style scoped>
.part {
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
}

.part.off {
  background: transparent;
}

.part-head {
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 38px;
  padding: 0 10px 0 4px;
}

.part-title {
  display: flex;
  align-items: center;
  gap: 3px;
  flex: 1;
  min-width: 0;
  min-height: 34px;
  font-weight: 600;
  text-align: left;
}

.part-title.still {
  padding-left: 8px;
}

.part-title .v-icon {
  color: var(--faint);
  transition: transform 0.15s;
}

.turned {
  transform: rotate(180deg);
}

.part.off .part-title {
  color: var(--soft);
  font-weight: 500;
}

.part-head :deep(.v-switch) {
  flex: none;
}

.part-settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  padding: 4px 12px 14px;
}

.trouble {
  font-size: var(--size-note);
  line-height: 1.4;
  color: var(--rust-ink);
}

.remove {
  justify-self: start;
  margin-left: -8px;
}
</style>
