<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenShape } from '../../core/shapes'
import CardPart from '../CardPart.vue'
import type { CardView, PlacedListingView } from '../view'
import CompareMark from '../visitors/CompareMark.vue'

const props = defineProps<{ placement: PlacedListingView }>()
const settings = computed(() => props.placement.shape as ChosenShape<'table'>)
/** What is said of comparing entries; nothing where nobody can. */
const marks = computed(() => props.placement.cards.find(({ compare }) => compare !== null)?.compare?.title)
/** What an entry has in a column: one part, or none. */
const partsOf = (card: CardView, key: string) => card.parts.filter((part) => part.key === key)
</script>

<template>
  <table
    class="table"
    :class="{ striped: settings.stripes }"
    :aria-label="placement.heading || placement.name"
  >
    <thead v-if="settings.head">
      <tr>
        <th v-for="column in placement.columns" :key="column.key" scope="col" :data-part="column.part">
          {{ column.title }}
        </th>
        <th v-if="marks" scope="col">{{ marks }}</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="card in placement.cards"
        :key="card.row"
        :data-entry="card.row"
        :data-from="card.from || undefined"
      >
        <component
          :is="column.part === 'title' ? 'th' : 'td'"
          v-for="column in placement.columns"
          :key="column.key"
          :scope="column.part === 'title' ? 'row' : undefined"
          :data-part="column.part"
          :data-name="column.part === 'picture' || column.part === 'title' ? undefined : column.title"
        >
          <CardPart v-for="part in partsOf(card, column.key)" :key="part.key" :filled="part" :card="card" />
        </component>
        <td v-if="marks">
          <CompareMark v-if="card.compare" :mark="card.compare" :title="card.title" />
        </td>
      </tr>
    </tbody>
  </table>
</template>
