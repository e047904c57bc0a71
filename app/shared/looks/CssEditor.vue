<script setup lang="ts">
import { onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue'
import type { Refusal } from '~~/core/looks/own-css/refusal'
import { cssEditor } from './css-editor'
import type { CssEditor, Offered } from './css-editor'

/** A text of CSS, with what of it is left out marked in it. */
const props = defineProps<{
  text: string
  label: string
  targets: readonly Offered[]
  colours: readonly Offered[]
  refused: readonly Refusal[]
  /** So many letters it takes at most. */
  most: number
}>()
const emit = defineEmits<{ change: [text: string]; tooLong: [] }>()
const box = useTemplateRef('box')
let editor: CssEditor | null = null

onMounted(() => {
  if (box.value === null) return
  editor = cssEditor(box.value, {
    ...props,
    changed: (next) => emit('change', next),
    tooLong: () => emit('tooLong'),
  })
  editor.mark(props.refused)
})
onBeforeUnmount(() => editor?.destroy())
watch(
  () => props.text,
  (next) => editor?.take(next),
)
watch(
  () => props.refused,
  (next) => editor?.mark(next),
)

defineExpose({ goTo: (place: number) => editor?.goTo(place) })
</script>

<template>
  <div ref="box" class="editor" />
</template>

<style scoped>
.editor {
  border: 1px solid var(--edge);
  border-radius: 7px;
}

.editor:focus-within {
  outline: 2px solid var(--leaf);
  outline-offset: 1px;
}
</style>
