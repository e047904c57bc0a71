<script setup lang="ts">
import { useNotices } from '../stores/notices'

const notices = useNotices()

async function act() {
  const { action } = notices.current ?? {}
  notices.clear()
  await action?.run()
}
</script>

<template>
  <v-app>
    <slot />
    <v-snackbar
      :key="notices.number"
      :model-value="notices.current !== null"
      :timeout="8000"
      @update:model-value="notices.clear"
    >
      {{ notices.current?.text }}
      <template v-if="notices.current?.action" #actions>
        <v-btn variant="text" height="32" @click="act">{{ notices.current.action.title }}</v-btn>
      </template>
    </v-snackbar>
  </v-app>
</template>
