<script setup lang="ts">
import { useHead } from '#imports'
import { computed, ref, shallowRef, watch } from 'vue'
import { defaultLook, lookCss } from '~~/core/listing/look'
import type { LookInput, SharedLook } from '~~/core/looks/shared-look'
import type { ColourSet } from '~~/core/looks/site-palette'
import { andList } from '~~/core/words'
import { shownOwnCss } from '../../shared/looks/own-css'
import { specimenOf } from '../../shared/looks/specimen'
import LookCssDialog from '../../looks/LookCssDialog.vue'
import LookCard from '../../looks/LookCard.vue'
import PaletteStrip from '../../looks/PaletteStrip.vue'
import { words } from '../../looks/words'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import { attempt, succeeded } from '../../shared/attempt'
import ConfirmDialog from '../../shared/ConfirmDialog.vue'
import { request } from '../../shared/http'
import LookDialog from '../../shared/looks/LookDialog.vue'
import ScreenHead from '../../shared/ScreenHead.vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useSiteListings } from '../../shared/site-listings'
import TopLine from '../../shared/TopLine.vue'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'

const catalogue = useCatalogue()
const session = useSession()
const notices = useNotices()
const { all, failure, isLooking } = useSiteListings(() => true)
useHead({ title: `${words.title} · Bushel` })

const isLoaded = ref(false)
void attempt(() => catalogue.load()).then(() => (isLoaded.value = true))

/** The listings that stand on pages, whose entries can show what looks make of them. */
const standing = computed(() =>
  all.value.flatMap((row) => {
    const place = row.listing.places.find((one) => !one.isShelved && !one.isTakenOff)
    return place === undefined ? [] : [{ row, place }]
  }),
)
const wanted = ref<string | null>(null)
const sample = computed(
  () => standing.value.find(({ row }) => row.listing.id === wanted.value) ?? standing.value[0],
)
const samples = computed(() =>
  standing.value.map(({ row, place }) => ({
    value: row.listing.id,
    title: words.open(row.name, place.page.title),
  })),
)

/** The page that the entries are shown from, once it is there. */
const page = shallowRef<Document | null>(null)
const source = computed(() =>
  sample.value === undefined ? undefined : `/api/bench/pages/${sample.value.place.page.id}/document`,
)
/** How often the palette was changed meanwhile: the page is another by then. */
const changes = ref(0)
watch([source, changes], () => (page.value = null))
function came(event: Event) {
  page.value = (event.target as HTMLIFrameElement).contentDocument
}

/** The set of colours that specimens are shown in: at first that of the pages. */
const chosenSet = ref<ColourSet | null>(null)
const usualSet = computed((): ColourSet => (catalogue.catalogue.values.pages === 'dark' ? 'dark' : 'light'))
const set = computed(() => chosenSet.value ?? usualSet.value)

function specimen({ styles, css: own }: LookInput): string | undefined {
  if (page.value === null || sample.value === undefined) return undefined
  const { row, place } = sample.value
  const bare = { ...row.listing.definition, look: defaultLook }
  const scope = `[data-placement="${place.placement}"]`
  const css = [
    lookCss(bare, styles, scope),
    shownOwnCss(bare, own, scope),
    `:root { color-scheme: ${set.value} !important }`,
  ].join('\n')
  return specimenOf(page.value, place.placement, css) ?? undefined
}

const looks = computed(() =>
  catalogue.catalogue.looks.map((look) => ({
    look,
    specimen: specimen(look),
    uses: all.value.filter(({ listing }) => listing.definition.look.shared === look.id),
  })),
)

const naming = ref(false)
const named = shallowRef<SharedLook | null>(null)
const copied = shallowRef<LookInput | null>(null)
function name(look: SharedLook | null, from: LookInput | null = null) {
  named.value = look
  copied.value = from
  naming.value = true
}

const writing = shallowRef<SharedLook | null>(null)

const deleting = shallowRef<SharedLook | null>(null)
const deleteText = computed(() => {
  const used = looks.value.find(({ look }) => look.id === deleting.value?.id)?.uses ?? []
  return words.deleteText(
    andList(
      used.map((one) => `“${one.name}”`),
      catalogue.catalogue.locale,
    ),
  )
})

function actionsOf(look: SharedLook): readonly MenuAction[] {
  if (!session.maySetUp) return []
  return [
    { title: words.rename, run: () => name(look) },
    { title: words.css, run: () => (writing.value = look) },
    { title: words.copy, run: () => name(null, { ...look, name: words.copyOf(look.name) }) },
    { title: words.delete, run: () => (deleting.value = look) },
  ]
}

async function remove() {
  const look = deleting.value
  deleting.value = null
  if (look === null) return
  const path = `/api/bench/looks/${look.id}`
  const gone = await succeeded(() => request('DELETE', path))
  await attempt(() => catalogue.load())
  if (gone)
    notices.tell({
      text: words.deleted(look.name),
      action: { title: shared.undo, run: () => restore(look, path) },
    })
}

async function restore({ name: title }: SharedLook, path: string) {
  if (await succeeded(() => request('POST', `${path}/restore`))) notices.tell({ text: words.isBack(title) })
  await attempt(() => catalogue.load())
}
</script>

<template>
  <TopLine />
  <main class="looks">
    <ScreenHead :title="words.title" :hint="words.hint">
      <v-btn v-if="session.maySetUp" height="36" variant="flat" color="primary" @click="name(null)">{{
        words.new
      }}</v-btn>
    </ScreenHead>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="isLooking || !isLoaded" class="none" role="status">{{ words.loading }}</p>
    <template v-else>
      <PaletteStrip @changed="changes += 1" />
      <div v-if="sample" class="with">
        <SelectSetting
          :label="words.shownWith"
          :value="sample.row.listing.id"
          :choices="samples"
          @change="wanted = $event"
        />
        <ChoiceSetting
          :label="words.shownOn"
          :value="set"
          :choices="choicesOf(words.shownSets)"
          @change="chosenSet = $event"
        />
      </div>
      <p v-else class="none" role="status">{{ words.noListing }}</p>
      <p v-if="looks.length === 0" class="none" role="status">{{ words.none }}</p>
      <ul v-else :aria-label="words.title">
        <li v-for="one in looks" :key="one.look.id">
          <LookCard
            :name="one.look.name"
            :specimen="one.specimen"
            :uses="one.uses"
            :actions="actionsOf(one.look)"
          />
        </li>
      </ul>
    </template>
    <!-- Its scripts would lay it out as wide as it is, which is not at all. -->
    <iframe
      v-if="source"
      :key="`${source} ${changes}`"
      :src="source"
      sandbox="allow-same-origin"
      hidden
      title=""
      @load="came"
    />
    <LookCssDialog
      v-if="writing"
      :model-value="true"
      :look="writing"
      :specimen="specimen"
      @update:model-value="writing = null"
    />
    <LookDialog v-model="naming" :look="named" :from="copied" />
    <ConfirmDialog
      :model-value="deleting !== null"
      :title="words.deleteTitle(deleting?.name ?? '')"
      :text="deleteText"
      :action="words.delete"
      @update:model-value="deleting = $event ? deleting : null"
      @confirm="remove"
    />
  </main>
</template>

<style scoped>
.looks {
  width: min(100% - 48px, 1180px);
  margin: 0 auto;
  padding: 30px 0 60px;
}

.with {
  display: grid;
  grid-template-columns: minmax(0, 380px) auto;
  justify-content: start;
  gap: 14px 24px;
  margin-top: 18px;
}

@media (width < 640px) {
  .with {
    grid-template-columns: minmax(0, 1fr);
  }
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 340px), 1fr));
  gap: 18px;
  margin: 18px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
}

.none {
  margin-top: 20px;
  color: var(--soft);
}
</style>
