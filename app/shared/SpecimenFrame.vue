<script setup lang="ts">
import { showLateFonts } from './looks/font-samples'

/** A document that shows what something makes of real entries, at a part of its size; not to be used. */
withDefaults(defineProps<{ document: string | undefined; height: number; scale?: number }>(), {
  scale: 0.75,
})

function came(event: Event) {
  const { contentDocument } = event.target as HTMLIFrameElement
  if (contentDocument !== null) showLateFonts(contentDocument)
}
</script>

<template>
  <span class="specimen" aria-hidden="true" :style="{ height: `${height}px` }"
    ><iframe
      v-if="document !== undefined"
      :srcdoc="document"
      :style="{ width: `${100 / scale}%`, height: `${height / scale}px`, transform: `scale(${scale})` }"
      tabindex="-1"
      @load="came"
      title=""
  /></span>
</template>

<style scoped>
.specimen {
  display: block;
  overflow: hidden;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}

iframe {
  border: 0;
  transform-origin: 0 0;
  pointer-events: none;
}
</style>
