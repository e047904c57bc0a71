<script setup lang="ts">
import PutBack from './PutBack.vue'

/** One setting: its name, its control, and the way back to its default while it differs. */
defineProps<{ label: string; controlId?: string; note?: string; changed?: boolean; bare?: boolean }>()
const emit = defineEmits<{ reset: [] }>()
</script>

<template>
  <div class="setting" :class="{ bare }">
    <div v-if="!bare" class="setting-head">
      <component :is="controlId ? 'label' : 'span'" :for="controlId" class="setting-label">{{
        label
      }}</component>
      <span v-if="note" class="setting-note tabular">{{ note }}</span>
      <PutBack v-if="changed" :of="label" class="at-end" @click="emit('reset')" />
    </div>
    <slot />
    <PutBack v-if="bare && changed" :of="label" @click="emit('reset')" />
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
  font-size: var(--size-small);
  color: var(--text);
}

.setting-note {
  margin-left: auto;
  font-size: var(--size-fine);
  color: var(--soft);
}

.at-end {
  margin-left: auto;
}

.setting-note + .at-end {
  margin-left: 0;
}

.setting.bare {
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
}
</style>
