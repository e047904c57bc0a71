<script setup lang="ts">
/** A colour picked by the platform's own picker, beside the field in which it can be typed. */
defineProps<{ value: string; label: string }>()
const emit = defineEmits<{ pick: [colour: string]; leave: [] }>()
</script>

<template>
  <div class="colour">
    <input
      type="color"
      :value="value"
      :aria-label="label"
      @input="emit('pick', ($event.target as HTMLInputElement).value)"
      @blur="emit('leave')"
    />
    <slot />
  </div>
</template>

<style scoped>
.colour {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  gap: 8px;
}

input[type='color'] {
  width: 44px;
  height: 40px;
  padding: 3px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
  cursor: pointer;
}
</style>
