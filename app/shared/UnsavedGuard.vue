<script setup lang="ts">
import { navigateTo, onBeforeRouteLeave, onBeforeRouteUpdate } from '#imports'
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import ConfirmDialog from './ConfirmDialog.vue'
import { words } from './words'

/** Asks before a screen is left with something on it that is not saved. */
const props = defineProps<{
  changed: boolean
  /** The address at which the screen goes on with what is on it. */
  same?: string
}>()
const isAsking = ref(false)
let wanted = ''
let isPassing = false

onBeforeRouteLeave(mayLeave)
onBeforeRouteUpdate(mayLeave)
useEventListener(window, 'beforeunload', (event) => {
  if (props.changed) event.preventDefault()
})

function mayLeave(to: { readonly path: string; readonly fullPath: string }): boolean {
  if (!props.changed || isPassing || to.path === props.same) return true
  wanted = to.fullPath
  isAsking.value = true
  return false
}

/** Goes elsewhere without asking, as after what was typed went with a deletion or into a copy. */
async function pass(path: string) {
  isPassing = true
  try {
    await navigateTo(path)
  } finally {
    isPassing = false
  }
}
defineExpose({ pass })
</script>

<template>
  <ConfirmDialog
    v-model="isAsking"
    :title="words.leaveTitle"
    :text="words.leaveText"
    :action="words.leave"
    @confirm="pass(wanted)"
  />
</template>
