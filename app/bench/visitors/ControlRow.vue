<script setup lang="ts">
import { mdiChevronDown, mdiTrashCanOutline } from '@mdi/js'
import { computed, useId } from 'vue'
import { controlLabel } from '~~/core/listing/visitors'
import type { Control } from '~~/core/visitors'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import type { Direction } from '../../shared/sorting/MoveHandle.vue'
import { useCatalogue } from '../../stores/catalogue'
import { controlSettings } from './index'
import { words } from './words'

/** One control: what it is moved by, and, opened, everything that can be set for it. */
const props = defineProps<{
  control: Control
  handle: { name: string; move: string; onStep: (direction: Direction, handle: HTMLElement) => void }
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ change: [control: Control, subject: string]; remove: [] }>()
const catalogue = useCatalogue()
const id = useId()
const label = computed(() => controlLabel(props.control, catalogue.words))
</script>

<template>
  <div class="control">
    <div class="head">
      <MoveHandle v-bind="handle" />
      <button
        type="button"
        class="title"
        :aria-expanded="open"
        :aria-controls="id"
        :aria-label="words.settings(label)"
        @click="open = !open"
      >
        {{ label }}<v-icon :icon="mdiChevronDown" size="16" :class="{ turned: open }" />
      </button>
    </div>
    <div v-if="open" :id="id" class="settings">
      <component
        :is="controlSettings[control.control]"
        :control="control"
        @change="(next: Control, subject: string) => emit('change', next, subject)"
      />
      <v-btn
        height="32"
        variant="text"
        :prepend-icon="mdiTrashCanOutline"
        class="remove"
        @click="emit('remove')"
        >{{ words.remove }}</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.control {
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
}

.head {
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 38px;
  padding: 0 10px 0 4px;
}

.title {
  display: flex;
  align-items: center;
  gap: 3px;
  flex: 1;
  min-width: 0;
  min-height: 34px;
  font-weight: 600;
  text-align: left;
  overflow-wrap: anywhere;
}

.title .v-icon {
  color: var(--faint);
  transition: transform 0.15s;
}

.turned {
  transform: rotate(180deg);
}

.settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  padding: 6px 12px 14px;
}

.remove {
  justify-self: start;
}
</style>
