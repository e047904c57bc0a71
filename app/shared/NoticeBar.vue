<script setup lang="ts">
import { useRoute } from '#imports'
import { mdiClose } from '@mdi/js'
import { computed, watch } from 'vue'
import { useNotices } from '../stores/notices'
import { words } from './words'

/** What the bench says at the foot of the screen, with what can be done about it. */
const notices = useNotices()
const route = useRoute()
watch(() => route.path, notices.settle)

/** In milliseconds; -1 for as long as the screen is open. */
const shownFor = computed(() => (notices.isLasting && notices.current?.action !== undefined ? -1 : 8000))

async function act() {
  const { action } = notices.current ?? {}
  notices.clear()
  await action?.run()
}
</script>

<template>
  <!-- It stands outside the order of what lies over the screen: Escape closes the dialog below it. -->
  <v-snackbar
    :key="notices.number"
    :model-value="notices.current !== null"
    :timeout="shownFor"
    _disable-global-stack
    @update:model-value="notices.clear"
  >
    {{ notices.current?.text }}
    <template v-if="notices.current?.action" #actions>
      <v-btn variant="text" height="32" @click="act">{{ notices.current.action.title }}</v-btn>
      <v-btn
        :icon="mdiClose"
        variant="text"
        size="32"
        :aria-label="words.closeNotice"
        @click="notices.clear"
      />
    </template>
  </v-snackbar>
</template>
