<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { CalendarSheet, SheetItem } from '../../core/shapes/calendar-sheet'
import EntryCard from '../EntryCard.vue'
import type { PlacedListingView } from '../view'
import { words } from '../words'
import CalendarDays from './CalendarDays.vue'

/**
 * One sheet of a calendar: days in a table, and the same as a list, of which one is seen. Every way to
 * another sheet is a link; the script turns to it without a new page.
 */
const props = defineProps<{ placement: PlacedListingView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'calendar'>)
const sheet = computed(() => props.placement.arrangement as CalendarSheet)
const days = computed(() => sheet.value.list.map((day) => ({ ...day, cards: day.items.flatMap(cardOf) })))

function cardOf(item: SheetItem) {
  const card = props.placement.cards[item.at]
  return card === undefined ? [] : [{ ...item, card }]
}

function addressOf(turn: string): string {
  const { turning } = props.placement
  return turning === null ? '' : `${turning.before}${turn}${turning.after}`
}
</script>

<template>
  <div class="calendar" data-shape="calendar" :data-view="sheet.view">
    <div class="calendar-head">
      <h3 class="calendar-title" aria-live="polite">{{ sheet.title }}</h3>
      <nav class="calendar-turns" :aria-label="words.turn">
        <a data-turn="before" :href="addressOf(sheet.before.turn)" rel="nofollow">{{ sheet.before.name }}</a>
        <a v-if="sheet.today" data-turn="today" :href="addressOf(sheet.today.turn)" rel="nofollow">{{
          words.thisTime
        }}</a>
        <a data-turn="after" :href="addressOf(sheet.after.turn)" rel="nofollow">{{ sheet.after.name }}</a>
      </nav>
      <nav v-if="sheet.views.length > 1" class="calendar-views" :aria-label="words.views">
        <a
          v-for="view in sheet.views"
          :key="view.view"
          data-turn="view"
          rel="nofollow"
          :href="addressOf(view.turn)"
          :aria-current="view.isHere ? 'true' : undefined"
          >{{ words.calendarViews[view.view] }}</a
        >
      </nav>
    </div>
    <nav
      v-if="settings.legend && sheet.legend.length > 0"
      class="calendar-legend"
      :aria-label="words.narrowed"
    >
      <a
        v-for="term in sheet.legend"
        :key="term.name"
        data-turn="term"
        rel="nofollow"
        :href="addressOf(term.turn)"
        :data-colour="term.colour"
        :aria-current="term.isChosen ? 'true' : undefined"
        >{{ term.name }}</a
      >
    </nav>
    <p v-if="days.length === 0" class="calendar-nothing">
      {{ placement.amount.nothing || words.nothingThen }}
      <template v-if="sheet.later">
        {{ words.nextThing }}
        <a data-turn="later" rel="nofollow" :href="addressOf(sheet.later.turn)">{{ sheet.later.when }}</a>.
      </template>
    </p>
    <CalendarDays v-if="sheet.weeks.length > 0" :placement="placement" :sheet="sheet" />
    <div v-if="days.length > 0" class="calendar-list">
      <section v-for="day in days" :key="day.date" class="calendar-day" :class="{ today: day.isToday }">
        <h4 class="calendar-day-name">
          <time :datetime="day.date">{{ day.name }}</time>
        </h4>
        <ol role="list">
          <li
            v-for="item in day.cards"
            :key="item.card.row"
            :data-entry="item.card.row"
            :data-colour="item.colour"
            :class="{ cancelled: item.isCancelled }"
          >
            <p v-if="item.time || item.isCancelled" class="calendar-time">
              {{ item.time }} <em v-if="item.isCancelled">{{ words.cancelled }}</em>
            </p>
            <EntryCard :card="item.card" />
          </li>
        </ol>
      </section>
    </div>
    <p v-if="placement.calendar" class="calendar-subscribe">
      <a :href="placement.calendar" rel="nofollow">{{ words.subscribe }}</a>
    </p>
  </div>
</template>
