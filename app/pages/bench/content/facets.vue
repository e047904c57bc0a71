<script setup lang="ts">
import { useHead } from '#imports'
import { mdiPlus } from '@mdi/js'
import { computed, ref, useTemplateRef } from 'vue'
import type { FacetRow, TermRow } from '~~/core/content/answers'
import { withAncestors } from '~~/core/content/terms'
import ContentFrame from '../../../content/ContentFrame.vue'
import FacetDialog from '../../../content/facets/FacetDialog.vue'
import TermDialog from '../../../content/facets/TermDialog.vue'
import TermRemoval from '../../../content/facets/TermRemoval.vue'
import TermTree from '../../../content/facets/TermTree.vue'
import { facetWords } from '../../../content/facets/words'
import FindField from '../../../shared/FindField.vue'
import ScreenHead from '../../../shared/ScreenHead.vue'
import { attempt } from '../../../shared/attempt'
import { useAnswer } from '../../../shared/answers'
import { isFound } from '../../../shared/found'
import { request } from '../../../shared/http'
import ChoiceSetting from '../../../shared/settings/ChoiceSetting.vue'
import { words as shared } from '../../../shared/words'
import { useCatalogue } from '../../../stores/catalogue'
import { useNotices } from '../../../stores/notices'
import { useSession } from '../../../stores/session'

const catalogue = useCatalogue()
const notices = useNotices()
const session = useSession()
useHead({ title: `${facetWords.title} · Bushel` })

const facetList = useAnswer<readonly FacetRow[]>(() => ({ path: '/api/bench/facets' }))
const facets = computed(() => facetList.answer.value ?? [])
const wantedId = ref(0)
const facet = computed(() => facets.value.find((one) => one.id === wantedId.value) ?? facets.value[0] ?? null)
const termList = useAnswer<readonly TermRow[]>(
  () => (facet.value === null ? null : { path: `/api/bench/facets/${facet.value.id}/terms` }),
  { keep: false },
)
const terms = computed(() => termList.answer.value ?? [])
const termsOfFacet = computed(() => terms.value.map((term) => ({ ...term, facetId: facet.value?.id ?? 0 })))
/** What is found, with what it lies under. */
const typed = ref('')
const found = computed(() => {
  const named = terms.value.filter((term) => isFound(typed.value, [term.name]))
  const byId = new Map(termsOfFacet.value.map((term) => [term.id, term]))
  const above = new Set(named.flatMap((term) => withAncestors(term.id, byId)))
  return terms.value.filter((term) => above.has(term.id))
})
const failure = computed(() => facetList.failure.value ?? termList.failure.value)
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))
const usedBy = computed(() => {
  const names = catalogue.catalogue.collections
    .filter((one) => facet.value?.collections.includes(one.id))
    .map((one) => one.name)
  return names.length === 0
    ? facetWords.unused
    : facetWords.usedBy(new Intl.ListFormat(catalogue.catalogue.locale).format(names))
})

const facetOpen = ref(false)
const editedFacet = ref<FacetRow | null>(null)
const termOpen = ref(false)
const editedTerm = ref<TermRow | null>(null)
const under = ref<number | null>(null)
const removal = useTemplateRef('removal')

async function refresh() {
  await Promise.all([facetList.again(), termList.again(), catalogue.load()])
}

function editFacet(one: FacetRow | null) {
  editedFacet.value = one
  facetOpen.value = true
}

async function facetSaved(id: number, name: string) {
  await refresh()
  wantedId.value = id
  notices.tell({ text: facetWords.saved(name) })
}

async function removeFacet(one: FacetRow) {
  if ((await attempt(() => request('DELETE', `/api/bench/facets/${one.id}`))) === null) return
  await refresh()
  notices.tell({
    text: facetWords.deleted(one.name),
    action: { title: shared.undo, run: () => restoreFacet(one) },
  })
}

async function restoreFacet(one: FacetRow) {
  if ((await attempt(() => request('POST', `/api/bench/facets/${one.id}/restore`))) !== null)
    notices.tell({ text: facetWords.back(one.name) })
  await refresh()
}

function act(action: 'change' | 'below' | 'merge' | 'delete', term: TermRow) {
  if (action === 'merge') removal.value?.askToMerge(term)
  else if (action === 'delete') removal.value?.askToDelete(term)
  else editTerm(action === 'change' ? term : null, action === 'change' ? null : term.id)
}

function editTerm(term: TermRow | null, parentId: number | null) {
  editedTerm.value = term
  under.value = parentId
  termOpen.value = true
}

async function termSaved(name: string) {
  await refresh()
  notices.tell({ text: facetWords.termSaved(name) })
}

async function place(id: number, parentId: number | null, at: number) {
  await attempt(() => request('PUT', `/api/bench/terms/${id}/place`, { parentId, at }))
  await refresh()
}
</script>

<template>
  <ContentFrame>
    <ScreenHead :title="facetWords.title">
      <FindField v-model="typed" :label="facetWords.find" />
      <v-btn v-if="session.maySetUp" height="40" :prepend-icon="mdiPlus" @click="editFacet(null)">{{
        facetWords.add
      }}</v-btn>
      <v-btn
        v-if="facet && session.maySetUp"
        variant="flat"
        color="primary"
        height="40"
        :prepend-icon="mdiPlus"
        @click="editTerm(null, null)"
        >{{ facetWords.addTerm }}</v-btn
      >
    </ScreenHead>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="facetList.answer.value?.length === 0">{{ facetWords.none }}</p>
    <template v-if="facet">
      <ChoiceSetting
        class="which"
        :label="facetWords.list"
        :value="facet.id"
        :choices="facets.map((one) => ({ value: one.id, title: one.name }))"
        @change="wantedId = $event"
      />
      <div class="about">
        <p>{{ usedBy }} {{ session.maySetUp ? facetWords.hint : facetWords.onlyDesigners }}</p>
        <v-btn v-if="session.maySetUp" height="34" @click="editFacet(facet)">{{ facetWords.setUp }}</v-btn>
      </div>
      <section :aria-label="facet.plural" class="tree" data-move-room>
        <p v-if="termList.answer.value?.length === 0">{{ facetWords.noTerms }}</p>
        <p v-if="terms.length > 0 && found.length === 0">{{ facetWords.foundNone }}</p>
        <TermTree
          :terms="found"
          :still="typed.trim() !== '' || !session.maySetUp"
          :fixed="!session.maySetUp"
          :parent="null"
          :format="format"
          @place="place"
          @act="act"
        />
      </section>
      <TermDialog
        v-model="termOpen"
        :facet="facet"
        :term="editedTerm"
        :parent-id="under"
        @saved="termSaved"
      />
    </template>
    <FacetDialog v-model="facetOpen" :facet="editedFacet" @saved="facetSaved" @remove="removeFacet" />
    <TermRemoval ref="removal" :terms="termsOfFacet" :format="format" @changed="refresh" />
  </ContentFrame>
</template>

<style scoped>
.which {
  max-width: 720px;
}

.about {
  display: flex;
  align-items: start;
  gap: 16px;
  max-width: 720px;
  margin: 12px 0;
  font-size: var(--size-small);
  color: var(--soft);
}

.about p {
  flex: 1;
}

.tree {
  max-width: 720px;
  padding: 8px 10px 8px 4px;
  border: 1px solid var(--line);
  border-radius: 9px;
}
</style>
