<script setup lang="ts">
import { useRoute } from '#imports'
import { onMounted, ref } from 'vue'
import { fetchedLater, fetchMenuList, fetchNoticeBar, fetchWhenIdle } from '../shared/fetched-later'
import { whenSignedOut } from '../shared/http'
import { useShortcutListener, useShortcuts } from '../shared/keys'
import { words } from '../shared/words'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'

const SignInAgain = fetchedLater(() => import('../shared/SignInAgain.vue'))
const NoticeBar = fetchedLater(fetchNoticeBar)
const FinderDialog = fetchedLater(() => import('../shared/FinderDialog.vue'))
const KeysDialog = fetchedLater(() => import('../shared/KeysDialog.vue'))

const notices = useNotices()
const session = useSession()
const route = useRoute()
whenSignedOut(session.again)

/** What is open, and what was: a dialog stays to give the focus back. */
const open = ref({ finder: false, keys: false })
const met = ref({ finder: false, keys: false })

function show(which: keyof typeof open.value) {
  if (session.account === null) return
  met.value[which] = true
  open.value[which] = true
}

useShortcutListener()
useShortcuts({
  title: words.keys.everywhere,
  shortcuts: [
    { keys: 'Ctrl+J', title: words.keys.find, run: () => show('finder'), whileTyping: true },
    { keys: '?', title: words.keys.list, run: () => show('keys') },
  ],
})

onMounted(() => {
  if (route.meta.fetchesLater !== true) fetchWhenIdle([fetchMenuList, fetchNoticeBar])
})
</script>

<template>
  <v-app>
    <slot />
    <SignInAgain v-if="session.asksAgain" />
    <NoticeBar v-if="notices.number > 0" />
    <FinderDialog v-if="met.finder" v-model="open.finder" />
    <KeysDialog v-if="met.keys" v-model="open.keys" />
  </v-app>
</template>
