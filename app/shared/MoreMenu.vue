<script setup lang="ts">
import { mdiDotsHorizontal } from '@mdi/js'
import ActionMenu from './ActionMenu.vue'
import type { MenuAction } from './ActionMenu.vue'

/** What else can be done with something, behind three dots. `size` is that of the button, in pixels. */
const { size = 34 } = defineProps<{ label: string; actions: readonly MenuAction[]; size?: 28 | 32 | 34 }>()
</script>

<template>
  <ActionMenu v-slot="{ opener }" :label="label" :actions="actions">
    <v-btn
      v-bind="opener"
      class="more"
      :icon="mdiDotsHorizontal"
      :size="size"
      variant="text"
      :aria-label="label"
    />
  </ActionMenu>
</template>
