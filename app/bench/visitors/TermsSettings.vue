<script setup lang="ts">
import { computed } from 'vue'
import { inTreeOrder } from '~~/core/content/terms'
import { newTermsControl } from '~~/core/visitors/terms'
import type { TermsControl } from '~~/core/visitors/terms'
import { useAnswer } from '../../shared/answers'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { useSelection } from '../../stores/bench/selection'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import ChoosingSettings from './ChoosingSettings.vue'
import ControlLabel from './ControlLabel.vue'
import TermNames from './TermNames.vue'
import WaysSettings from './WaysSettings.vue'
import { words } from './words'

const props = defineProps<{ control: TermsControl }>()
const emit = defineEmits<{ change: [control: TermsControl, subject: string] }>()
const catalogue = useCatalogue()
const selection = useSelection()
const view = useView()
const usual = computed(() => newTermsControl(props.control.facet))
const facet = computed(() => catalogue.words.facet(props.control.facet) ?? words.gone)
/** How many of the listing's entries have each term. */
const { answer: counts } = useAnswer<Readonly<Record<number, number>>>(() => ({
  path: `/api/bench/facets/${props.control.facet}/counts`,
  body: { ...view.asked(), definition: selection.listing, above: selection.counts?.above ?? [] },
}))
const isIdle = computed(() => counts.value !== undefined && Object.keys(counts.value).length === 0)
const terms = computed(() =>
  inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === props.control.facet)).map(
    ({ term, depth }) => ({
      value: term.id,
      title: term.name,
      props: {
        subtitle: words.entries(counts.value?.[term.id] ?? 0),
        'aria-label': term.name,
        style: { paddingInlineStart: `${16 + depth * 18}px` },
      },
    }),
  ),
)

/** Nothing for what is optional is that it is not there. */
type TermsChange = { readonly [Key in keyof TermsControl]?: TermsControl[Key] | undefined }

function set(change: TermsChange) {
  emit('change', { ...props.control, ...change } as TermsControl, Object.keys(change).join())
}
</script>

<template>
  <p v-if="isIdle" class="idle" role="status">{{ words.idle }}</p>
  <ControlLabel :control="control" :usual="facet" :fallback="usual" @change="set" />
  <ChoosingSettings
    :control="control"
    :usual="usual"
    :layouts="words.layouts"
    :choosings="words.choosings"
    @change="set"
  />
  <ChoiceSetting
    :label="words.offer"
    :value="control.offer"
    :fallback="usual.offer"
    :choices="choicesOf(words.offers)"
    @change="set({ offer: $event })"
  />
  <v-autocomplete
    v-if="control.offer === 'chosen'"
    :items="terms"
    :model-value="[...new Set(control.terms.map(catalogue.words.termNow))]"
    :label="words.terms"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="set({ terms: $event })"
  />
  <NumberSetting
    v-if="control.offer === 'most-used'"
    :label="words.most"
    :value="control.most"
    :fallback="usual.most"
    :least="1"
    :most="60"
    @change="set({ most: $event })"
  />
  <ChoiceSetting
    :label="words.icons"
    :value="control.icons ?? 'none'"
    fallback="none"
    :choices="choicesOf(words.iconPlaces)"
    @change="set({ icons: $event === 'none' ? undefined : $event })"
  />
  <TermNames
    :facet="control.facet"
    :named="control.named ?? []"
    @change="set({ named: $event.length === 0 ? undefined : $event })"
  />
  <WaysSettings :control="control" :usual="usual" @change="set" />
</template>

<style scoped>
.idle {
  font-size: var(--size-note);
  color: var(--rust-ink);
}
</style>
