<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import type { SortableEvent } from 'sortablejs'
import { computed } from 'vue'
import { rulesAt, withRuleAdded, withRuleMoved } from '~~/core/rules/rule-edits'
import type { RulePlace } from '~~/core/rules/rule-edits'
import type { Rule } from '~~/core/rules'
import ActionMenu from '../../shared/ActionMenu.vue'
import DraggableRows from '../../shared/sorting/DraggableRows.vue'
import { useRowKeys } from '../../shared/sorting/row-keys'
import { useCatalogue } from '../../stores/catalogue'
import RuleRow from './RuleRow.vue'
import { copiedRule } from './copied-rule'
import { freshRules } from './index'
import { words } from './words'

/** The rules of a clause, or of a group in it: dragged into order and into each other. */
const props = defineProps<{ all: readonly Rule[]; group: RulePlace; collections: readonly number[] }>()
const emit = defineEmits<{
  edit: [title: string, change: (rules: readonly Rule[]) => readonly Rule[], subject?: string]
}>()
const catalogue = useCatalogue()

const own = computed(() => rulesAt(props.all, props.group) ?? [])
const rowKeys = useRowKeys(() => own.value)
const label = computed(() =>
  props.group.length === 0
    ? words.add
    : words.addTo(words.groupNumber(props.group.map((at) => at + 1).join('.'))),
)
const additions = computed(() => [
  ...(copiedRule.value === null ? [] : [{ title: words.paste, run: () => add(copiedRule.value) }]),
  ...freshRules(catalogue.catalogue, props.collections).map(({ title, rule }) => ({
    title,
    run: () => add(rule),
  })),
])

function add(rule: Rule | null) {
  if (rule !== null) emit('edit', 'Add a rule', (rules) => withRuleAdded(rules, props.group, rule))
}

function placeOf(text: string | undefined): RulePlace {
  return text === undefined || text === '' ? [] : text.split('.').map(Number)
}

/** The list that a rule came to tells of the move; where it came from, its own place says. */
function dropped(event: SortableEvent) {
  const at = event.newIndex ?? 0
  emit('edit', 'Move a rule', (rules) =>
    withRuleMoved(rules, placeOf(event.item.dataset.place), props.group, at),
  )
}
</script>

<template>
  <DraggableRows
    :items="own"
    tag="ul"
    group="rules"
    nested
    class="rules"
    :data-move-place="group.length === 0 ? undefined : ''"
    :aria-label="group.length === 0 ? undefined : words.groupNumber(group.map((at) => at + 1).join('.'))"
    @drop="dropped"
  >
    <RuleRow
      v-for="(rule, at) in own"
      :key="rowKeys[at]"
      :all="all"
      :rule="rule"
      :place="[...group, at]"
      :last="at === own.length - 1"
      @edit="(title, change, subject) => emit('edit', title, change, subject)"
    >
      <RuleList
        v-if="rule.rule === 'group'"
        :all="all"
        :group="[...group, at]"
        :collections="collections"
        @edit="(title, change, subject) => emit('edit', title, change, subject)"
      />
    </RuleRow>
  </DraggableRows>
  <ActionMenu v-slot="{ opener }" :label="label" :actions="additions">
    <v-btn v-bind="opener" :prepend-icon="mdiPlus" height="34" class="add" :aria-label="label">{{
      words.add
    }}</v-btn>
  </ActionMenu>
</template>

<style scoped>
.rules {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.add {
  justify-self: start;
}
</style>
