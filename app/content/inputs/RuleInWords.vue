<script setup lang="ts">
import { computed } from 'vue'
import { ruleInWords, weekdayName } from '~~/core/time/recurrence/in-words'
import { plainPlaces, plainRuleText, plainUnits } from '~~/core/time/recurrence/plain-rule'
import type { PlainEnd, PlainRule, PlainUnit } from '~~/core/time/recurrence/plain-rule'
import { mostCount, mostInterval, parseRule, weekdays } from '~~/core/time/recurrence/rule'
import type { Weekday } from '~~/core/time/recurrence/rule'
import DayField from '../../shared/dates/DayField.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import { ruleWords as words } from '../words'

/** How something comes again, said as people say it: so often, on which days, until when. */
const props = defineProps<{ rule: PlainRule; name: string }>()
const emit = defineEmits<{ change: [rule: PlainRule] }>()
const catalogue = useCatalogue()

const units = plainUnits.map((value) => ({ value, title: words.units[value] }))
const ends = (['never', 'day', 'count'] as const).map((value) => ({ value, title: words.ends[value] }))
const places = [
  { value: 0, title: words.sameDay },
  ...plainPlaces.map((value) => ({ value, title: words.places[value] })),
]
const days = computed(() =>
  weekdays.map((value) => ({
    value,
    title: weekdayName(value, catalogue.catalogue.locale),
    short: weekdayName(value, catalogue.catalogue.locale, 'short'),
  })),
)
const said = computed(() => {
  const parsed = parseRule(plainRuleText(props.rule))
  return parsed.ok ? ruleInWords(parsed.value, catalogue.catalogue.locale) : ''
})

function set(change: Partial<PlainRule>) {
  emit('change', { ...props.rule, ...change })
}

function setPlace(chosen: number) {
  const place = plainPlaces.find((one) => one === chosen)
  set({ weekday: place === undefined ? null : { place, day: props.rule.weekday?.day ?? 'MO' } })
}

function setDay(day: Weekday) {
  if (props.rule.weekday !== null) set({ weekday: { ...props.rule.weekday, day } })
}

function turnDay(day: Weekday) {
  const isOn = props.rule.days.includes(day)
  set({ days: isOn ? props.rule.days.filter((one) => one !== day) : [...props.rule.days, day] })
}

function setEnd(by: PlainEnd['by']) {
  const inAYear = new Date(Date.now() + 365 * 86_400_000).toISOString().slice(0, 10)
  set({ ends: { never: { by }, day: { by, day: inAYear }, count: { by, count: 10 } }[by] as PlainEnd })
}
</script>

<template>
  <div class="rule" role="group" :aria-label="words.of(name)">
    <div class="pair">
      <NumberSetting
        :label="words.every"
        :value="rule.every"
        :least="1"
        :most="mostInterval"
        @change="set({ every: $event })"
      />
      <v-select
        :label="words.unit"
        :items="units"
        :model-value="rule.unit"
        hide-details
        @update:model-value="(unit: PlainUnit) => set({ unit })"
      />
    </div>
    <div v-if="rule.unit === 'WEEKLY'" class="days" role="group" :aria-label="words.onDays">
      <button
        v-for="day in days"
        :key="day.value"
        type="button"
        :aria-label="day.title"
        :aria-pressed="rule.days.includes(day.value)"
        @click="turnDay(day.value)"
      >
        {{ day.short }}
      </button>
    </div>
    <div v-if="rule.unit === 'MONTHLY'" class="pair">
      <v-select
        :label="words.onWhich"
        :items="places"
        :model-value="rule.weekday?.place ?? 0"
        hide-details
        @update:model-value="setPlace"
      />
      <v-select
        v-if="rule.weekday"
        :label="words.weekday"
        :items="days"
        :model-value="rule.weekday.day"
        hide-details
        @update:model-value="setDay"
      />
    </div>
    <div class="pair">
      <v-select
        :label="words.end"
        :items="ends"
        :model-value="rule.ends.by"
        hide-details
        @update:model-value="setEnd"
      />
      <DayField
        v-if="rule.ends.by === 'day'"
        :label="words.lastDay"
        :model-value="rule.ends.day"
        :faults="[]"
        @update:model-value="(day) => day !== null && set({ ends: { by: 'day', day } })"
      />
      <NumberSetting
        v-if="rule.ends.by === 'count'"
        :label="words.count"
        :value="rule.ends.count"
        :least="1"
        :most="mostCount"
        @change="set({ ends: { by: 'count', count: $event } })"
      />
    </div>
    <p class="said">{{ words.said(said) }}</p>
  </div>
</template>

<style scoped>
.rule {
  display: grid;
  gap: 12px;
  padding: 12px 14px;
  border: 1px solid var(--line);
  border-radius: 7px;
}

.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
  align-items: end;
}

.days {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.days button {
  min-width: 46px;
  min-height: 34px;
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
  text-align: center;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}

.days button:hover {
  background: var(--hover);
}

.days button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--sheet);
}

.said {
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
