<script setup lang="ts">
import { mdiDotsHorizontal, mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { wallText } from '~~/core/content/fields/repetition'
import type { RecurrenceValue, StoredChange } from '~~/core/content/fields/repetition'
import { nextDates, withChange, withDate, withoutChange } from '~~/core/content/fields/repetition-edits'
import type { ShownDate } from '~~/core/content/fields/repetition-edits'
import { formatDate, formatOccurrence } from '~~/core/formats/dates'
import { instantOfWall, wallOf } from '~~/core/time/zones'
import type { Timing } from '~~/core/time/occurrences'
import ActionMenu from '../../shared/ActionMenu.vue'
import { useCatalogue } from '../../stores/catalogue'
import { dateWords as words } from '../words'
import DateDialog from './DateDialog.vue'

/** The next five dates of what repeats: any of them can be cancelled, left out or moved, and more be added. */
const props = defineProps<{ timing: Timing; value: RecurrenceValue }>()
const emit = defineEmits<{ change: [value: RecurrenceValue | null] }>()
const catalogue = useCatalogue()
const shown = 5
const now = Date.now()
const dates = computed(() => nextDates(props.timing, props.value, now, shown))
/** The date that is being moved; null for one that is added. */
const moved = ref<ShownDate | null>(null)
const asking = ref(false)

function nameOf({ occurrence }: ShownDate): string {
  return formatOccurrence(occurrence, { locale: catalogue.catalogue.locale, zone: props.timing.zone })
}

function stateOf({ change, isAdded }: ShownDate): string {
  if (change === null) return isAdded ? words.added : ''
  if (change.is !== 'moved') return words.states[change.is]
  const place = { locale: catalogue.catalogue.locale, zone: 'UTC' }
  return words.movedTo(formatDate(Date.parse(`${change.to}Z`), place, 'time'))
}

function actionsOf(date: ShownDate) {
  const set = (change: StoredChange) => emit('change', withChange(props.value, change))
  const back = { title: words.back, run: () => emit('change', withoutChange(props.value, date.on)) }
  const drop = { title: words.drop, run: () => emit('change', withDate(props.value, date.on, false)) }
  return [
    ...(date.change === null ? [] : [back]),
    ...(date.isAdded ? [drop] : []),
    { title: words.cancel, run: () => set({ is: 'cancelled', on: date.on }) },
    ...(date.isAdded ? [] : [{ title: words.leaveOut, run: () => set({ is: 'leftOut', on: date.on }) }]),
    { title: words.move, run: () => ask(date) },
  ]
}

function ask(date: ShownDate | null) {
  moved.value = date
  asking.value = true
}

function answered(instant: number) {
  const to = wallText(wallOf(instant, props.timing.zone))
  const date = moved.value
  emit(
    'change',
    date === null
      ? withDate(props.value, to, true)
      : withChange(props.value, { is: 'moved', on: date.on, to }),
  )
}

/** Where the dialog begins: at the date that is moved, or at the last that is shown. */
const begins = computed(() => {
  const date = moved.value ?? dates.value.at(-1)
  if (date?.change?.is === 'moved') return instantOfWall(Date.parse(`${date.change.to}Z`), props.timing.zone)
  return date?.occurrence.startsAt ?? now
})
</script>

<template>
  <section class="dates" :aria-label="words.title">
    <p class="input-title">{{ words.title }}</p>
    <p v-if="dates.length === 0" class="input-note">{{ words.none }}</p>
    <ul v-else>
      <li v-for="date in dates" :key="date.on">
        <span :class="{ off: date.change }">{{ nameOf(date) }}</span>
        <span class="state">{{ stateOf(date) }}</span>
        <ActionMenu v-slot="{ opener }" :label="words.what(nameOf(date))" :actions="actionsOf(date)">
          <v-btn
            v-bind="opener"
            :icon="mdiDotsHorizontal"
            :aria-label="words.what(nameOf(date))"
            size="28"
            variant="text"
          />
        </ActionMenu>
      </li>
    </ul>
    <v-btn height="34" :prepend-icon="mdiPlus" @click="ask(null)">{{ words.add }}</v-btn>
    <DateDialog
      v-model="asking"
      :title="moved ? words.moveTitle(nameOf(moved)) : words.add"
      :save="moved ? words.move : words.add"
      :begins="begins"
      :zone="timing.zone"
      @answer="answered"
    />
  </section>
</template>

<style scoped>
.dates {
  display: grid;
  gap: 8px;
  justify-items: start;
}

ul {
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
  border-top: 1px solid var(--line);
}

li {
  display: grid;
  grid-template-columns: minmax(0, auto) minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 36px;
  border-bottom: 1px solid var(--line);
  font-variant-numeric: tabular-nums;
}

.off {
  color: var(--soft);
  text-decoration: line-through;
}

.state {
  color: var(--soft);
  font-size: var(--size-small);
}
</style>
