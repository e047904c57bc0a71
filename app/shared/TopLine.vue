<script setup lang="ts">
import { NuxtLink } from '#components'
import { navigateTo, useRoute } from '#imports'
import { mdiAccountCircleOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import { useSession } from '../stores/session'
import ActionMenu from './ActionMenu.vue'
import BenchMark from './BenchMark.vue'
import { fetchedLater } from './fetched-later'
import { words } from './words'

const PasswordDialog = fetchedLater(() => import('./PasswordDialog.vue'))
const session = useSession()
const route = useRoute()
const destinations = computed(() => [
  { title: words.destinations.pages, to: '/bench', matches: /^\/bench(\/pages.*)?$/ },
  { title: words.destinations.listings, to: '/bench/listings', matches: /^\/bench\/listings/ },
  { title: words.destinations.content, to: '/bench/content', matches: /^\/bench\/content/ },
  { title: words.destinations.looks, to: '/bench/looks', matches: /^\/bench\/looks/ },
  ...(session.account?.role === 'owner'
    ? [{ title: words.destinations.site, to: '/bench/site', matches: /^\/bench\/site/ }]
    : []),
])
const here = computed(() => destinations.value.find((one) => one.matches.test(route.path)))

const changing = ref(false)
const accountActions = [
  { title: words.changePassword, run: () => (changing.value = true) },
  { title: words.signOut, run: leave },
]

async function leave() {
  await session.signOut()
  await navigateTo('/bench/sign-in')
}
</script>

<template>
  <header class="top-line">
    <BenchMark />
    <nav aria-label="Bushel">
      <NuxtLink
        v-for="one in destinations"
        :key="one.to"
        :to="one.to"
        :class="{ here: one === here }"
        :aria-current="one === here ? 'page' : undefined"
        >{{ one.title }}</NuxtLink
      >
    </nav>
    <div class="actions"><slot /></div>
    <ActionMenu
      v-slot="{ opener }"
      :label="words.account(session.account?.name ?? '')"
      :actions="accountActions"
    >
      <v-btn
        v-bind="opener"
        :icon="mdiAccountCircleOutline"
        variant="text"
        size="36"
        :aria-label="words.account(session.account?.name ?? '')"
      />
    </ActionMenu>
    <PasswordDialog v-if="changing" v-model="changing" />
  </header>
</template>

<style scoped>
.top-line {
  position: sticky;
  top: 0;
  z-index: 4;
  display: flex;
  align-items: center;
  gap: 26px;
  height: 48px;
  padding: 0 12px 0 14px;
  background: var(--sheet);
  border-bottom: 1px solid var(--line);
}

nav {
  display: flex;
  gap: 4px;
}

nav a {
  padding: 6px 11px;
  border-radius: 7px;
  color: var(--soft);
  font-weight: 600;
  text-decoration: none;
}

nav a:hover {
  background: var(--hover);
}

nav a.here {
  background: var(--leaf-ground);
  color: var(--leaf);
}

.actions {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
}

.top-line > :nth-child(4) {
  margin-left: -16px;
}

@media (max-width: 999px) {
  .top-line {
    flex-wrap: wrap;
    gap: 4px 12px;
    height: auto;
    min-height: 48px;
    padding-block: 5px;
  }

  .top-line > :nth-child(4) {
    margin-left: auto;
  }

  nav {
    gap: 0;
  }

  nav a {
    padding-inline: 8px;
  }

  .actions:not(:empty) {
    order: 1;
    flex: 1 0 100%;
    flex-wrap: wrap;
  }
}
</style>
