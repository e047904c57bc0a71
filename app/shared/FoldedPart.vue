<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js'
import { useId } from 'vue'

/** A part of a drawer, folded away until it is wanted; what of it is set may be said always. */
defineProps<{ title: string; note?: string | null }>()
const isOpen = defineModel<boolean>('open', { required: true })
const id = useId()
</script>

<template>
  <section>
    <h3>
      <button type="button" :aria-expanded="isOpen" :aria-controls="id" @click="isOpen = !isOpen">
        {{ title }}
        <span v-if="note" class="note tabular">{{ note }}</span>
        <v-icon :icon="mdiChevronDown" size="16" :class="{ turned: isOpen }" />
      </button>
    </h3>
    <div v-if="isOpen" :id="id" class="inner"><slot /></div>
  </section>
</template>

<style scoped>
section {
  border-top: 1px solid var(--line);
}

button {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: 38px;
  font-weight: 650;
  text-align: left;
}

.note {
  margin-left: auto;
  font-size: var(--size-fine);
  font-weight: 500;
  color: var(--clause);
}

.v-icon {
  margin-left: auto;
  color: var(--faint);
  transition: transform 0.15s;
}

.note + .v-icon {
  margin-left: 0;
}

.turned {
  transform: rotate(180deg);
}

.inner {
  padding: 2px 0 16px;
}
</style>
