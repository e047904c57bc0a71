<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed, useId } from 'vue'
import type { From, Listing } from '~~/core/listing/definition'
import { rules as ruleKinds } from '~~/core/query/rules'
import type { Rule } from '~~/core/query/rules'
import ActionMenu from '../../shared/ActionMenu.vue'
import { useBench } from '../../stores/bench'
import { useCatalogue } from '../../stores/catalogue'
import { freshRules, ruleComponents, ruleTitle } from '../rules'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { words } from '../words'

const props = defineProps<{ listing: Listing }>()
const bench = useBench()
const catalogue = useCatalogue()
const id = useId()

const additions = computed(() =>
  freshRules(catalogue.catalogue, props.listing.from.collection).map(({ title, rule }) => ({
    title,
    run: () => set({ rules: [...props.listing.from.rules, rule] }, 'Add a rule'),
  })),
)
const counts = computed(() => (bench.chosen === null ? [] : (bench.counts[bench.chosen.listing] ?? [])))
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

function set(change: Partial<From>, title: string, subject?: string) {
  return bench.editListing(title, (before) => ({ ...before, from: { ...before.from, ...change } }), subject)
}

function setRule(at: number, rule: Rule) {
  set({ rules: props.listing.from.rules.map((one, index) => (index === at ? rule : one)) }, 'Rule', `rule ${at}`)
}

function removeRule(at: number) {
  set({ rules: props.listing.from.rules.filter((_, index) => index !== at) }, 'Remove a rule')
}

/** Rules belong to a collection's facets; another collection starts without them. */
function setCollection(collection: number) {
  set({ collection, rules: [] }, 'Collection')
}

function passing(at: number): string {
  const count = counts.value[at]
  return count === undefined ? '' : words.pass(format.value.format(count))
}
</script>

<template>
  <SettingRow :label="words.collection" :control-id="id" :note="counts[0] === undefined ? '' : format.format(counts[0])">
    <v-select
      :id="id"
      :items="[...catalogue.catalogue.collections]"
      item-title="name"
      item-value="id"
      :model-value="listing.from.collection"
      @update:model-value="setCollection"
    />
  </SettingRow>
  <fieldset v-for="(rule, at) in listing.from.rules" :key="`${at} ${rule.rule}`" class="rule">
    <legend class="rule-title">{{ ruleTitle(rule, catalogue.catalogue) }}</legend>
    <span class="rule-note tabular">{{ passing(at + 1) }}</span>
    <v-btn
      class="rule-remove"
      :icon="mdiClose"
      size="28"
      variant="text"
      :aria-label="words.removeRule(ruleTitle(rule, catalogue.catalogue))"
      @click="removeRule(at)"
    />
    <component :is="ruleComponents[rule.rule]" :rule="rule" :collection="listing.from.collection" @change="setRule(at, $event)" />
    <p v-if="ruleKinds.get(rule.rule).unfinished(rule)" class="rule-hint">{{ ruleKinds.get(rule.rule).unfinished(rule) }}</p>
  </fieldset>
  <ActionMenu v-slot="{ opener }" :label="words.addRule" :actions="additions">
    <v-btn v-bind="opener" :prepend-icon="mdiPlus" height="34" class="add">{{ words.addRule }}</v-btn>
  </ActionMenu>
</template>

<style scoped>
.rule {
  position: relative;
  display: grid;
  gap: 4px;
  padding: 0 0 0 11px;
  border: 0;
  border-left: 3px solid var(--clause);
}

.rule-title {
  float: left;
  padding: 0;
  font-size: 13px;
  font-weight: 600;
  line-height: 28px;
  color: #48544c;
}

.rule-note {
  position: absolute;
  top: 0;
  right: 32px;
  line-height: 28px;
  font-size: 12px;
  color: var(--soft);
}

.rule-remove {
  position: absolute;
  top: 0;
  right: 0;
}

.rule-hint {
  font-size: 12.5px;
  color: var(--soft);
}

.add {
  justify-self: start;
}
</style>
