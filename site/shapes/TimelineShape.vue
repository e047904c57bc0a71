<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import type { TimeLine } from '../../core/shapes/timeline-line'
import EntryCard from '../EntryCard.vue'
import type { PlacedListingView } from '../view'
import { words } from '../words'
import RowArrows from './RowArrows.vue'

/**
 * A line of time with what happened beside it, in order; without styles a list under headings. What is
 * on the line itself says nothing that the items don't.
 */
const props = defineProps<{ placement: PlacedListingView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'timeline'>)
const line = computed(() => props.placement.arrangement as TimeLine)
const name = computed(() => props.placement.heading || props.placement.name)
const moves = computed(() => settings.value.lay !== 'upright')
const groups = computed(() =>
  line.value.groups.map(({ heading, items }) => ({
    heading,
    items: items.flatMap((item) => {
      const card = props.placement.cards[item.at]
      return card === undefined ? [] : [{ ...item, card }]
    }),
  })),
)
const tracks = computed(() =>
  line.value.tracks.map((track) => (track === 'auto' ? 'auto' : `${track}px`)).join(' '),
)
/** Bars lie beside the line in as many lanes. */
const lanes = computed(() => Math.max(0, ...line.value.bars.map((bar) => bar.lane + 1)))
</script>

<template>
  <div class="timeline-frame" :data-shape="moves ? 'row' : undefined">
    <RowArrows v-if="moves" />
    <div
      class="timeline"
      :class="{ row: moves, even: settings.spacing === 'even' }"
      :data-lay="settings.lay"
      :role="moves ? 'group' : undefined"
      :tabindex="moves ? 0 : undefined"
      :aria-label="moves ? words.rowOf(name) : undefined"
    >
      <div class="timeline-line" :style="{ '--tracks': tracks, '--lanes': lanes }">
        <div class="timeline-axis" aria-hidden="true">
          <i class="timeline-rule" :style="{ '--from': 1, '--to': line.tracks.length + 1 }" />
          <i
            v-for="(bar, at) in line.bars"
            :key="`bar ${at}`"
            class="timeline-bar"
            :style="{ '--from': bar.from, '--to': bar.to, '--lane': bar.lane }"
          />
          <span
            v-for="tick in line.ticks"
            :key="`tick ${tick.from}`"
            class="timeline-tick"
            :style="{ '--from': tick.from, '--to': 'auto' }"
            ><span>{{ tick.text }}</span></span
          >
          <span
            v-for="gap in line.breaks"
            :key="`break ${gap.from}`"
            class="timeline-break"
            :style="{ '--from': gap.from, '--to': gap.to }"
            ><span>{{ gap.text }}</span></span
          >
          <span v-if="line.now !== null" class="timeline-now" :style="{ '--from': line.now, '--to': 'auto' }"
            ><span>{{ words.now }}</span></span
          >
        </div>
        <section v-for="(group, at) in groups" :key="at" class="timeline-group">
          <h3
            v-if="group.heading"
            class="timeline-heading"
            :style="{ '--from': group.heading.from, '--to': group.heading.to }"
          >
            {{ group.heading.text }}
          </h3>
          <ol class="timeline-items" role="list">
            <li
              v-for="item in group.items"
              :key="item.card.row"
              class="timeline-item"
              :class="{ 'at-start': item.side === 'start' }"
              :data-entry="item.card.row"
              :data-from="item.card.from || undefined"
              :style="{ '--from': item.from, '--to': item.to, '--next': item.next }"
            >
              <p v-if="item.when" class="timeline-when">{{ item.when }}</p>
              <EntryCard :card="item.card" />
            </li>
          </ol>
        </section>
      </div>
    </div>
  </div>
</template>
