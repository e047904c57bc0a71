<script setup lang="ts">
import { useRoute } from '#imports'
import { onMounted } from 'vue'
import { fetchedLater, fetchMenuList, fetchNoticeBar, fetchWhenIdle } from '../shared/fetched-later'
import { whenSignedOut } from '../shared/http'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'

const SignInAgain = fetchedLater(() => import('../shared/SignInAgain.vue'))
const NoticeBar = fetchedLater(fetchNoticeBar)

const notices = useNotices()
const session = useSession()
const route = useRoute()
whenSignedOut(session.again)

onMounted(() => {
  if (route.meta.fetchesLater !== true) fetchWhenIdle([fetchMenuList, fetchNoticeBar])
})
</script>

<template>
  <v-app>
    <slot />
    <SignInAgain v-if="session.asksAgain" />
    <NoticeBar v-if="notices.number > 0" />
  </v-app>
</template>
