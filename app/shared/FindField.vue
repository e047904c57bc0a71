<script setup lang="ts">
import { mdiMagnify } from '@mdi/js'

/** Narrows what a screen shows to what is typed. */
const typed = defineModel<string>({ required: true })
defineProps<{ label: string }>()
</script>

<template>
  <v-text-field
    :model-value="typed"
    class="find"
    :aria-label="label"
    :placeholder="label"
    :prepend-inner-icon="mdiMagnify"
    clearable
    @update:model-value="typed = $event ?? ''"
  />
</template>

<style scoped>
.find {
  flex: 0 1 260px;
}
</style>
