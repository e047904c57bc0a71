<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { CalendarSheet, SheetItem } from '../../core/shapes/calendar-sheet'
import type { PlacedListingView } from '../view'
import { words } from '../words'
import CalendarThing from './CalendarThing.vue'

/** Days in a table, a week a row; the script makes it a grid that is walked by keys. */
const props = defineProps<{ placement: PlacedListingView; sheet: CalendarSheet }>()
const settings = computed(() => props.placement.shape as ChosenShape<'calendar'>)

const cardOf = (item: SheetItem) => props.placement.cards[item.at]
</script>

<template>
  <table class="calendar-sheet" :aria-label="sheet.title">
    <thead>
      <tr>
        <th v-if="settings.weekNumbers" class="calendar-week" scope="col">
          <span class="only-read">{{ words.weekNumber }}</span>
        </th>
        <th v-for="day in sheet.weekdays" :key="day.long" scope="col" :abbr="day.long">{{ day.short }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="week in sheet.weeks" :key="week.days[0]?.date" :style="{ '--lanes': week.lanes }">
        <th v-if="settings.weekNumbers" class="calendar-week" scope="row">{{ week.number }}</th>
        <td
          v-for="(day, at) in week.days"
          :key="day.date"
          :data-day="day.date"
          :class="{ outside: day.isOutside, today: day.isToday, empty: day.count === 0 }"
          :aria-current="day.isToday ? 'date' : undefined"
        >
          <time class="calendar-number" :datetime="day.date"
            ><span aria-hidden="true">{{ day.number }}</span
            ><span class="only-read">{{ day.name }}: {{ words.things(day.count) }}</span></time
          >
          <span v-if="day.count > 0" class="calendar-marks" aria-hidden="true">
            <i v-for="colour in day.colours.slice(0, 3)" :key="colour" :data-colour="colour" />
          </span>
          <CalendarThing
            v-for="bar in week.bars.filter((one) => one.day === at)"
            :key="`bar ${bar.at}`"
            class="calendar-bar"
            :class="{ begun: bar.isBegun, 'goes-on': bar.goesOn }"
            :style="{ '--days': bar.days, '--lane': bar.lane }"
            :item="bar"
            :card="cardOf(bar)"
            untimed
          />
          <div v-if="day.items.length > 0 || day.more.length > 0" class="calendar-things">
            <CalendarThing
              v-for="item in day.items"
              :key="item.at"
              class="calendar-thing"
              :item="item"
              :card="cardOf(item)"
            />
            <details v-if="day.more.length > 0" class="calendar-more">
              <summary>{{ words.andMore(day.more.length) }}</summary>
              <CalendarThing
                v-for="item in day.more"
                :key="item.at"
                class="calendar-thing"
                :item="item"
                :card="cardOf(item)"
              />
            </details>
          </div>
        </td>
      </tr>
    </tbody>
  </table>
</template>
