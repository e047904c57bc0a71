<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SavedSiteFacts } from '~~/core/site-facts'
import { useAnswer } from '../shared/answers'
import ScreenHead from '../shared/ScreenHead.vue'
import { useCatalogue } from '../stores/catalogue'
import { languageName } from './languages'
import SiteFactsDialog from './SiteFactsDialog.vue'
import { words } from './words'

/** What the site says of itself, and the way to change it. */
const catalogue = useCatalogue()
const { answer: facts, failure, again } = useAnswer<SavedSiteFacts>(() => ({ path: '/api/bench/site/facts' }))
const isChanging = ref(false)
const rows = computed(() => {
  if (facts.value === undefined) return []
  const { name, tagline, address, locale, zone, readingPace, iconId } = facts.value
  return [
    [words.about.name, name],
    [words.about.tagline, tagline || words.about.notSaid],
    [words.about.address, address || words.about.notSaid],
    [words.about.locale, languageName(locale)],
    [words.about.zone, zone],
    [words.about.pace, String(readingPace)],
    [words.about.icon, iconId === null ? words.about.ownIcon : words.about.picture],
  ] as const
})

async function saved() {
  await Promise.all([again(), catalogue.load()])
}
</script>

<template>
  <ScreenHead :title="words.about.title">
    <v-btn height="40" :disabled="facts === undefined" @click="isChanging = true">{{
      words.about.change
    }}</v-btn>
  </ScreenHead>
  <p v-if="failure" role="alert">{{ failure }}</p>
  <dl>
    <div v-for="[title, value] in rows" :key="title">
      <dt>{{ title }}</dt>
      <dd>{{ value }}</dd>
    </div>
  </dl>
  <SiteFactsDialog v-if="facts" v-model="isChanging" :facts="facts" @saved="saved" />
</template>

<style scoped>
dl {
  margin: 0 0 34px;
  padding: 6px 18px;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 9px;
}

dl > div {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 2px 14px;
  padding: 8px 0;
}

dl > div + div {
  border-top: 1px solid var(--line);
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
  overflow-wrap: anywhere;
}

@media (max-width: 599px) {
  dl > div {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
