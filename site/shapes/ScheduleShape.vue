<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { Schedule, ScheduleItem } from '../../core/shapes/schedule-plan'
import type { PlacedListingView } from '../view'
import { words } from '../words'
import ScheduleHours from './ScheduleHours.vue'
import ScheduleThing from './ScheduleThing.vue'
import TabList from './TabList.vue'
import { labelOf } from './group'

/**
 * Days one below the other, each with what happens in order; the script makes tabs of the days, and lets
 * visitors mark what is theirs.
 */
const props = defineProps<{ placement: PlacedListingView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'schedule'>)
const plan = computed(() => props.placement.arrangement as Schedule)
const days = computed(() =>
  plan.value.days.map((day) => ({
    ...day,
    id: `${props.placement.id}-${day.date}`,
    whole: cardsOf(day.whole),
  })),
)
/** The address of its calendar on this site, which those who subscribe reach by another protocol. */
const calendar = computed(() => props.placement.calendar?.replace(/^webcal:\/\/[^/]+/, ''))
const hasTabs = computed(() => settings.value.days === 'tabs' && days.value.length > 1)
const tabs = computed(() => days.value.map(({ id, short, until }) => ({ section: id, name: short, until })))

function cardsOf<Item extends ScheduleItem>(items: readonly Item[]) {
  return items.flatMap((item) => {
    const card = props.placement.cards[item.at]
    return card === undefined ? [] : [{ ...item, card }]
  })
}
</script>

<template>
  <div class="schedule" data-shape="schedule" :data-calendar="calendar">
    <p v-if="settings.marks" class="schedule-marks" hidden>
      <button type="button" data-control="only" aria-pressed="false">
        {{ words.onlyMine }} (<span data-count>0</span>)
      </button>
      <a data-control="take" hidden>{{ words.takeMine }}</a>
    </p>
    <div class="tabs" :data-shape="hasTabs ? 'tabs' : undefined">
      <TabList v-if="hasTabs" :label="labelOf(placement)" :tabs="tabs" />
      <section v-for="day in days" :id="day.id" :key="day.date" class="group schedule-day">
        <h3 class="group-name">
          <time :datetime="day.date">{{ day.name }}</time>
        </h3>
        <ul v-if="day.whole.length" class="schedule-whole" role="list">
          <ScheduleThing
            v-for="item in day.whole"
            :key="item.card.row"
            :item="item"
            :card="item.card"
            :marks="settings.marks"
          />
        </ul>
        <ScheduleHours
          v-if="settings.lay === 'columns'"
          :placement="placement"
          :day="day"
          :items="cardsOf(day.items)"
        />
        <ol v-else-if="day.items.length" class="schedule-list" role="list">
          <ScheduleThing
            v-for="item in cardsOf(day.items)"
            :key="item.card.row"
            :item="item"
            :card="item.card"
            :marks="settings.marks"
          />
        </ol>
      </section>
    </div>
  </div>
</template>
