<script setup lang="ts">
import { mdiUndoVariant } from '@mdi/js'
import { words } from '../words'

/** One setting: its name, its control, and the way back to its default while it differs. */
defineProps<{ label: string; controlId?: string; note?: string; changed?: boolean; bare?: boolean }>()
const emit = defineEmits<{ reset: [] }>()
</script>

<template>
  <div class="setting">
    <div v-if="!bare" class="setting-head">
      <component :is="controlId ? 'label' : 'span'" :for="controlId" class="setting-label">{{
        label
      }}</component>
      <span v-if="note" class="setting-note tabular">{{ note }}</span>
      <button
        v-if="changed"
        type="button"
        class="put-back"
        :aria-label="words.putBackOf(label)"
        @click="emit('reset')"
      >
        <v-icon :icon="mdiUndoVariant" size="14" />{{ words.putBack }}
      </button>
    </div>
    <slot />
  </div>
</template>

<style scoped>
.setting {
  display: grid;
  gap: 4px;
  min-width: 0;
}

.setting-head {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 24px;
}

.setting-label {
  font-weight: 600;
  font-size: 13px;
  color: #48544c;
}

.setting-note {
  margin-left: auto;
  font-size: 12px;
  color: var(--soft);
}

.put-back {
  display: inline-flex;
  align-items: center;
  gap: 3px;
  min-height: 24px;
  margin-left: auto;
  padding: 0 4px;
  border-radius: 5px;
  font-size: 12px;
  font-weight: 600;
  color: var(--soft);
}

.setting-note + .put-back {
  margin-left: 0;
}

.put-back:hover {
  background: #f3efe3;
  color: var(--ink);
}
</style>
