<script setup lang="ts" generic="Sample extends { readonly name: string; readonly title: string }">
import SpecimenFrame from '../shared/SpecimenFrame.vue'

/** Things to begin with, each with a picture of what it makes of the designer's own entries. */
withDefaults(
  defineProps<{
    samples: readonly Sample[]
    /** Documents that show them, by their names. */
    documents: ReadonlyMap<string, string>
    /** At their true size, two beside each other; four smaller ones where nothing is said. */
    isTrue?: boolean
  }>(),
  { isTrue: false },
)
const emit = defineEmits<{ choose: [sample: Sample] }>()
</script>

<template>
  <ul class="tiles" :class="{ 'true-size': isTrue }">
    <li v-for="sample in samples" :key="sample.name">
      <SpecimenFrame
        :document="documents.get(sample.name)"
        :height="isTrue ? 380 : 300"
        :scale="isTrue ? 1 : 0.75"
      />
      <button type="button" @click="emit('choose', sample)">{{ sample.title }}</button>
    </li>
  </ul>
</template>

<style scoped>
.tiles {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 14px;
  margin: 0;
  padding: 2px;
  list-style: none;
}

.true-size {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}

li {
  position: relative;
  display: grid;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
  overflow: hidden;
}

li:hover {
  border-color: var(--edge-strong);
}

button {
  min-height: 40px;
  padding: 8px 12px;
  font-weight: 600;
  text-align: left;
}

/* The whole tile is the button's. */
button::after {
  content: '';
  position: absolute;
  inset: 0;
  border-radius: 9px;
}

button:focus-visible {
  outline: none;
}

button:focus-visible::after {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}
</style>
