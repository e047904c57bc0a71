<script setup lang="ts">
import { computed } from 'vue'
import { fieldsOfAll } from '~~/core/content/catalogue'
import { happensNever } from '~~/core/content/happening'
import { comingListing, comingOf } from '~~/core/listing/begun'
import type { Listing } from '~~/core/listing/definition'
import { defaultOrder } from '~~/core/order/order'
import { froms } from '~~/core/listing/from'
import type { From, FromBy, LeftOut } from '~~/core/listing/from'
import { choosesDates } from '~~/core/listing/asks-when'
import { ruleTree } from '~~/core/rules/rule-tree'
import type { Rule } from '~~/core/rules'
import { joins } from '~~/core/rules/group'
import EntryAutocomplete from '../../content/EntryAutocomplete.vue'
import ActionMenu from '../../shared/ActionMenu.vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { usePlacing } from '../../stores/bench/placing'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import ListingNames from '../from/ListingNames.vue'
import PickList from '../from/PickList.vue'
import SampleChoice from '../from/SampleChoice.vue'
import { words } from '../from/words'
import RuleList from '../rules/RuleList.vue'
import ReadyMadePress from '../shapes/ReadyMadePress.vue'
import { words as ruleWords } from '../rules/words'

const props = defineProps<{ listing: Listing }>()
const selection = useSelection()
const edits = useListingEdits()
const catalogue = useCatalogue()
const placing = usePlacing()

const from = computed(() => props.listing.from)
/** Whether it was placed just now: then it may begin as one that is ready. */
const isNew = computed(() => selection.listingId !== null && placing.begun === selection.listingId)
const bys = froms.map((value) => ({ value, title: words.bys[value] }))
const joinItems = joins.map((value) => ({ value, title: ruleWords.joins[value] }))
const followsPage = computed(
  () =>
    from.value.by === 'page' ||
    from.value.leaveOut.includes('thisEntry') ||
    props.listing.order.keys.some((key) => key.by === 'related') ||
    ruleTree(from.value.rules).some(({ rule }) => rule.rule === 'related'),
)

/** By what entries of the collections are yet to come. */
const coming = computed(() => {
  const { collections } = from.value
  const happening = catalogue.catalogue.collections.find(
    (one) => collections.includes(one.id) && one.happening.when !== null,
  )?.happening
  return comingOf({
    fields: fieldsOfAll(catalogue.catalogue, collections),
    happening: happening ?? happensNever,
  })
})
/** Whether it is asked when entries happen, so that each has several dates. */
const hasDates = computed(() => choosesDates(props.listing))
const dates = (['once', 'every'] as const).map((value) => ({ value, title: words.dates[value] }))

const begins = computed(() => [
  { title: words.begins.newest, run: () => begin({ rules: [] }, defaultOrder) },
  {
    title: words.begins.mostRead,
    run: () => begin({ rules: [] }, { keys: [{ by: 'views', direction: 'down' }], pinned: 'ignored' }),
  },
  { title: words.begins.pinned, run: () => begin({ rules: [] }, { ...defaultOrder, pinned: 'first' }) },
  ...(coming.value === null ? [] : [{ title: words.begins.upcoming, run: beginUpcoming }]),
  {
    title: words.begins.hand,
    run: () => begin({ by: 'hand' }, { keys: [{ by: 'hand' }], pinned: 'ignored' }),
  },
])

/** What is yet to come, the next first, with its beginning on each card. */
function beginUpcoming() {
  const comes = coming.value
  if (comes !== null) edits.editChosen(words.begin, (before) => comingListing(before, comes))
}

function begin(change: Partial<From>, order: Listing['order']) {
  edits.editChosen(words.begin, (before) => ({
    ...before,
    from: { ...before.from, by: 'rule', ...change },
    order,
  }))
}

function set(change: Partial<From>, title: string, subject?: string) {
  edits.editChosen(title, (before) => ({ ...before, from: { ...before.from, ...change } }), subject)
}

/** What is picked by hand comes in the order of picking; what comes otherwise can't. */
function setBy(by: FromBy) {
  edits.editChosen('Where entries come from', (before) => {
    const isPicked = before.order.keys.some((key) => key.by === 'hand')
    const order =
      by === 'hand'
        ? { ...before.order, keys: [{ by: 'hand' } as const] }
        : isPicked
          ? defaultOrder
          : before.order
    return { ...before, from: { ...before.from, by }, order }
  })
}

function editRules(title: string, change: (rules: readonly Rule[]) => readonly Rule[], subject?: string) {
  edits.editChosen(
    title,
    (before) => ({ ...before, from: { ...before.from, rules: change(before.from.rules) } }),
    subject,
  )
}

/** Rules stay as they are: one that no longer makes sense says so, and asks nothing. */
function setCollections(collections: readonly number[]) {
  if (collections.length > 0) set({ collections }, 'Collections')
}

function leaveOut(what: LeftOut, on: boolean) {
  set(
    { leaveOut: on ? [...from.value.leaveOut, what] : from.value.leaveOut.filter((one) => one !== what) },
    'What is left out',
  )
}
</script>

<template>
  <v-autocomplete
    :items="[...catalogue.catalogue.collections]"
    item-title="name"
    item-value="id"
    :label="words.collections"
    :model-value="[...from.collections]"
    multiple
    chips
    :closable-chips="from.collections.length > 1"
    auto-select-first
    clear-on-select
    @update:model-value="setCollections"
  />
  <div class="begin">
    <ActionMenu v-slot="{ opener }" :label="words.begin" :actions="begins">
      <v-btn v-bind="opener" height="34">{{ words.begin }}…</v-btn>
    </ActionMenu>
    <ReadyMadePress v-if="isNew" :listing="listing" :height="34" />
  </div>
  <ChoiceSetting :label="words.by" :value="from.by" :choices="bys" fallback="rule" @change="setBy" />
  <p v-if="from.by === 'page'" class="hint">{{ words.pageHint }}</p>
  <PickList
    v-if="from.by === 'hand'"
    :picks="from.picks"
    :collections="from.collections"
    @change="(picks, title) => set({ picks }, title)"
  />
  <section v-else :aria-label="words.rules" class="ruled" data-move-room>
    <v-select
      v-if="from.rules.length > 1"
      :items="joinItems"
      :label="words.join"
      :model-value="from.join"
      @update:model-value="set({ join: $event }, 'How rules are joined')"
    />
    <RuleList :all="from.rules" :group="[]" :collections="from.collections" @edit="editRules" />
  </section>
  <ChoiceSetting
    v-if="hasDates"
    :label="words.datesLabel"
    :value="from.dates"
    :choices="dates"
    fallback="once"
    @change="set({ dates: $event }, words.datesLabel)"
  />
  <SampleChoice v-if="followsPage" :collections="from.collections" />
  <div class="extras">
    <EntryAutocomplete
      v-if="from.by !== 'hand'"
      :label="words.always"
      :hint="words.alwaysHint"
      :collections="from.collections"
      :model-value="from.always"
      @update:model-value="set({ always: $event }, words.always)"
    />
    <EntryAutocomplete
      :label="words.never"
      :collections="from.collections"
      :model-value="from.never"
      @update:model-value="set({ never: $event }, words.never)"
    />
    <v-switch
      :label="words.leaveAbove"
      :model-value="from.leaveOut.includes('shownAbove')"
      @update:model-value="leaveOut('shownAbove', $event === true)"
    />
    <v-switch
      :label="words.leaveThis"
      :model-value="from.leaveOut.includes('thisEntry')"
      @update:model-value="leaveOut('thisEntry', $event === true)"
    />
  </div>
  <ListingNames v-if="selection.chosen" :listing="listing" :placement="selection.chosen" />
</template>

<style scoped>
.begin {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.hint {
  font-size: var(--size-small);
  color: var(--soft);
}

.ruled,
.extras {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

.extras {
  padding-top: 16px;
  border-top: 1px solid var(--line);
}
</style>
