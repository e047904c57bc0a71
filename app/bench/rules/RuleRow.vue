<script setup lang="ts">
import { computed } from 'vue'
import { troubleOf } from '~~/core/rules/asking'
import { rulesAt, withRule, withRuleMoved, withoutRule } from '~~/core/rules/rule-edits'
import type { RulePlace } from '~~/core/rules/rule-edits'
import type { Rule } from '~~/core/rules'
import { joins } from '~~/core/rules/group'
import { stepsOf } from '~~/core/query/steps'
import MoreMenu from '../../shared/MoreMenu.vue'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import type { Direction } from '../../shared/sorting/MoveHandle.vue'
import { holdFocus } from '../../shared/sorting/held-focus'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { copiedRule } from './copied-rule'
import { ruleComponents, ruleTitle } from './index'
import { words } from './words'

/**
 * One rule: what it asks, how many pass it, what is wrong with it, and what can be done with it. A
 * group's own rules stand in the slot.
 */
const props = defineProps<{ all: readonly Rule[]; rule: Rule; place: RulePlace; last: boolean }>()
const emit = defineEmits<{
  edit: [title: string, change: (rules: readonly Rule[]) => readonly Rule[], subject?: string]
}>()
const selection = useSelection()
const catalogue = useCatalogue()
const notices = useNotices()

const number = computed(() => props.place.map((at) => at + 1).join('.'))
const title = computed(() =>
  props.rule.rule === 'group' ? words.groupNumber(number.value) : ruleTitle(props.rule, catalogue.catalogue),
)
const trouble = computed(() => troubleOf(props.rule, catalogue.words))
const joinItems = joins.map((value) => ({ value, title: words.joins[value] }))
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

const note = computed(() => {
  if (props.rule.off) return words.offNote
  const counts = selection.counts
  if (counts === null || trouble.value !== null) return ''
  const alone = counts.alone[`rules${props.place.map((at) => `[${at}]`).join('.rules')}`]
  const step =
    props.place.length === 1 && selection.listing !== null
      ? stepsOf(selection.listing.from).findIndex((one) => one.kind === 'rule' && one.at === props.place[0])
      : -1
  const left = step === -1 ? undefined : counts.steps[step]
  return [
    left === undefined ? '' : words.left(format.value.format(left)),
    alone === undefined || alone === left ? '' : words.alone(format.value.format(alone)),
  ]
    .filter(Boolean)
    .join(' · ')
})

const actions = computed(() => [
  { title: props.rule.off ? words.switchOn : words.switchOff, run: toggle },
  { title: words.copy, run: copy },
  {
    title: words.intoGroup,
    run: () => set({ rule: 'group', join: 'any', rules: [props.rule] }, 'Put into a group'),
  },
  {
    title: words.remove,
    run: () => emit('edit', 'Remove a rule', (rules) => withoutRule(rules, props.place)),
  },
])

function set(next: Rule, what = 'Rule') {
  emit(
    'edit',
    what,
    (rules) => withRule(rules, props.place, next),
    what === 'Rule' ? `rule ${number.value}` : undefined,
  )
}

function change(next: Rule) {
  set(next)
}

function toggle() {
  const { off, ...rule } = props.rule
  set(off ? rule : { ...props.rule, off: true }, off ? words.switchOn : words.switchOff)
}

function copy() {
  copiedRule.value = props.rule
  notices.tell({ text: words.copied })
}

function moveTo(group: RulePlace, at: number, handle: HTMLElement) {
  holdFocus(handle, title.value, [...group, at].join('.'))
  emit('edit', 'Move a rule', (rules) => withRuleMoved(rules, props.place, group, at))
}

function step(direction: Direction, handle: HTMLElement) {
  const at = props.place.at(-1) ?? 0
  const group = props.place.slice(0, -1)
  if (direction === 'up' && at > 0) moveTo(group, at - 1, handle)
  if (direction === 'down' && !props.last) moveTo(group, at + 1, handle)
  const above = rulesAt(props.all, [...group, at - 1])
  if (direction === 'right' && above !== null) moveTo([...group, at - 1], above.length, handle)
  if (direction === 'left' && group.length > 0) moveTo(group.slice(0, -1), (group.at(-1) ?? 0) + 1, handle)
}
</script>

<template>
  <li
    class="rule"
    :class="{ off: rule.off, broken: trouble?.kind === 'broken' }"
    :data-place="place.join('.')"
  >
    <div class="rule-head">
      <MoveHandle class="rule-handle" :name="title" :move="place.join('.')" @step="step" />
      <strong class="rule-title">{{ title }}</strong>
      <span class="rule-note tabular">{{ note }}</span>
      <MoreMenu :label="words.more(title)" :actions="actions" :size="28" />
    </div>
    <div v-if="!rule.off" class="rule-body">
      <template v-if="rule.rule === 'group'">
        <v-select
          :items="joinItems"
          :label="words.joined"
          :model-value="rule.join"
          @update:model-value="set({ ...rule, join: $event })"
        />
        <slot />
      </template>
      <component
        :is="ruleComponents[rule.rule]"
        v-else-if="rule.rule !== 'related'"
        :rule="rule"
        @change="change"
      />
      <p v-if="trouble" class="rule-trouble" :role="trouble.kind === 'broken' ? 'alert' : undefined">
        {{ trouble.message }}
      </p>
    </div>
  </li>
</template>

<style scoped>
.rule {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  min-width: 0;
  padding-left: 9px;
  border-left: 3px solid var(--clause);
  background: var(--sheet);
}

.rule.off {
  border-left-color: var(--line);
  color: var(--soft);
}

.rule.broken {
  border-left-color: rgb(var(--v-theme-error));
}

.rule-head {
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 30px;
}

.rule-handle {
  margin-left: -4px;
}

.rule-title {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: var(--size-small);
}

.rule-note {
  flex: 1;
  text-align: right;
  white-space: nowrap;
  font-size: var(--size-fine);
  color: var(--soft);
}

.rule-body {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  min-width: 0;
}

.rule-trouble {
  font-size: var(--size-note);
  line-height: 1.4;
  color: var(--soft);
}

.broken .rule-trouble {
  color: rgb(var(--v-theme-error));
}
</style>
