<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { departuresOf, sharedCss, sharedStyles } from '~~/core/listing/look'
import type { Look } from '~~/core/listing/look'
import { joinedCss, noCss } from '~~/core/looks/own-css/own-css'
import type { LookInput, SharedLook } from '~~/core/looks/shared-look'
import { merged } from '~~/core/looks/styles'
import { andList } from '~~/core/words'
import { attempt } from '../../shared/attempt'
import ConfirmDialog from '../../shared/ConfirmDialog.vue'
import { fetchedLater } from '../../shared/fetched-later'
import { request } from '../../shared/http'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useSiteListings } from '../../shared/site-listings'
import { words as shared } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import LooksDialog from './LooksDialog.vue'
import { words } from './words'

const LookDialog = fetchedLater(() => import('../../shared/looks/LookDialog.vue'))

/** The look that the listing shares with others, and what becomes of that in which it departs from it. */
const props = defineProps<{ listing: Listing }>()
const catalogue = useCatalogue()
const draft = useDraft()
const edits = useListingEdits()
const notices = useNotices()
const selection = useSelection()
const shown = useShown()

const look = computed(() => props.listing.look)
const followed = computed(() => catalogue.catalogue.looks.find(({ id }) => id === look.value.shared) ?? null)
const choices = computed(() => [
  { value: 0, title: words.siteLook },
  ...catalogue.catalogue.looks.map(({ id, name }) => ({ value: id, title: name })),
])
const departures = computed(() => departuresOf(props.listing, catalogue.words.locale))
const whole = computed<Omit<LookInput, 'name'>>(() => ({
  styles: merged(sharedStyles(look.value, catalogue.words), look.value.own),
  css: joinedCss(sharedCss(look.value, catalogue.words), look.value.css),
}))

const nothingOwn: Partial<Look> = { own: [], css: noCss }

function edit(title: string, next: Partial<Look>) {
  edits.editChosen(title, (before) => ({ ...before, look: { ...before.look, ...next } }))
}

function follow(id: number | null) {
  const name = catalogue.catalogue.looks.find((one) => one.id === id)?.name
  edit(name === undefined ? words.siteLook : words.inLook(name), { shared: id })
}

const choosing = ref(false)
const making = ref(false)
const putting = ref(false)
const { all } = useSiteListings(() => putting.value)
/** The other listings in the look, of this page as they are here: what was set last may not be saved yet. */
const others = computed(() => {
  const saved = all.value.map(({ listing }) => [listing.id, listing.definition] as const)
  return [...new Map([...saved, ...Object.entries(draft.document.listings)])]
    .filter(([id, one]) => id !== selection.listingId && one.look.shared === look.value.shared)
    .map(([, one]) => `“${one.name}”`)
})

/** What departs from the look is the look's by now: every listing in it follows. */
async function put() {
  const before = followed.value
  if (before === null) return
  const { own, css } = look.value
  const saved = await change(before, { ...whole.value, version: before.version })
  if (saved === null) return
  edit(words.putInto(before.name), nothingOwn)
  notices.tell({
    text: words.isChanged(before.name),
    action: {
      title: shared.undo,
      run: async () => {
        if ((await change(before, { ...before, version: saved.version })) !== null)
          edit(words.edit, { own, css })
      },
    },
  })
}

async function change(
  { id, name }: SharedLook,
  { styles, css, version }: Omit<SharedLook, 'id' | 'name'>,
): Promise<SharedLook | null> {
  const saved = await attempt(() =>
    request<SharedLook>('PUT', `/api/bench/looks/${id}`, { name, styles, css, version }),
  )
  await attempt(() => catalogue.load())
  return saved
}

function made({ id, name }: SharedLook) {
  edit(words.inLook(name), { ...nothingOwn, shared: id })
}
</script>

<template>
  <div class="followed">
    <SelectSetting
      :label="words.look"
      :value="followed?.id ?? 0"
      :choices="choices"
      :fallback="0"
      @change="follow($event === 0 ? null : $event)"
    />
    <v-btn
      height="40"
      :disabled="shown.page === null || selection.chosenId === null"
      @click="choosing = true"
      >{{ words.compare }}</v-btn
    >
  </div>
  <div v-if="departures.length > 0" class="departs">
    <p>{{ words.departs(andList(departures, catalogue.words.locale)) }}</p>
    <div class="presses">
      <v-btn v-if="followed" height="34" @click="putting = true">{{ words.putInto(followed.name) }}</v-btn>
      <v-btn height="34" @click="making = true">{{ words.makeLook }}</v-btn>
      <v-btn height="34" variant="text" @click="edit(words.drop, nothingOwn)">{{ words.drop }}</v-btn>
    </div>
  </div>
  <LooksDialog
    v-if="choosing && shown.page !== null && selection.chosenId !== null"
    v-model="choosing"
    :listing="listing"
    :placement="selection.chosenId"
    :page="shown.page.document"
    @choose="follow"
  />
  <LookDialog v-if="making" v-model="making" :look="null" :from="{ ...whole, name: '' }" @saved="made" />
  <ConfirmDialog
    v-model="putting"
    :title="words.putTitle(followed?.name ?? '')"
    :text="words.putText(andList(others, catalogue.words.locale), others.length)"
    :action="words.put"
    @confirm="put"
  />
</template>

<style scoped>
.followed {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 8px;
}

.departs {
  display: grid;
  gap: 8px;
  padding: 10px 12px;
  border-radius: 7px;
  background: var(--kraft);
  font-size: var(--size-note);
  overflow-wrap: anywhere;
}

.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
