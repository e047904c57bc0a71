<script setup lang="ts" generic="Sample extends { readonly name: string; readonly title: string }">
/** Things to begin with, each with a picture of what it makes of the designer's own entries. */
defineProps<{
  samples: readonly Sample[]
  /** Documents that show them, by their names. */
  documents: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ choose: [sample: Sample] }>()
</script>

<template>
  <ul class="tiles">
    <li v-for="sample in samples" :key="sample.name">
      <span class="sample" aria-hidden="true"
        ><iframe
          v-if="documents.has(sample.name)"
          :srcdoc="documents.get(sample.name)"
          tabindex="-1"
          title=""
      /></span>
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

.sample {
  height: 300px;
  overflow: hidden;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}

/* They are shown at three quarters of their size. */
iframe {
  width: 133.4%;
  height: 400px;
  border: 0;
  transform: scale(0.75);
  transform-origin: 0 0;
  pointer-events: none;
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
