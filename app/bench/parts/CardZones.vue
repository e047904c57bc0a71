<script setup lang="ts">
import type { SortableEvent } from 'sortablejs'
import { computed } from 'vue'
import { frameOf } from '~~/core/cards/card'
import {
  cardPlaces,
  partsIn,
  withPart,
  withPartMoved,
  withPartStepped,
  withoutPart,
} from '~~/core/cards/card-edits'
import type { CardPlace } from '~~/core/cards/card-edits'
import { partKey } from '~~/core/cards/parts'
import type { PartName, PartSetting } from '~~/core/cards/parts'
import type { Zone } from '~~/core/cards/parts/define'
import { useSelection } from '../../stores/bench/selection'
import DraggableRows from '../../shared/sorting/DraggableRows.vue'
import PartRow from './PartRow.vue'
import { words } from './words'

/** The parts of a card where they sit on it: dragged into order and from zone to zone. */
const props = defineProps<{
  parts: readonly PartSetting[]
  /** Those that are switched off, and not taken away. */
  usual: readonly PartName[]
}>()
const emit = defineEmits<{ change: [parts: readonly PartSetting[], title: string, subject?: string] }>()
const selection = useSelection()
const places = computed(() => cardPlaces.map((place) => ({ place, parts: partsIn(props.parts, place) })))
const isBeside = computed(() => frameOf(props.parts).beside !== null)

/** The list that a part came to tells of the move. */
function dropped(zone: CardPlace, event: SortableEvent) {
  if (zone !== 'picture')
    emit(
      'change',
      withPartMoved(props.parts, event.item.dataset.key ?? '', zone, event.newIndex ?? 0),
      'Move a part',
    )
}

function step(part: PartSetting, by: 1 | -1) {
  emit('change', withPartStepped(props.parts, partKey(part), by), 'Move a part')
}

function open(part: PartSetting, isOpen: boolean) {
  selection.openPart = isOpen ? partKey(part) : null
}

function isUsual(part: PartSetting): boolean {
  return part.id === undefined && props.usual.includes(part.part)
}

function zoneOfPlace(place: CardPlace): Zone | null {
  return place === 'picture' ? null : place
}
</script>

<template>
  <div class="zones" data-move-room>
    <section
      v-for="{ place, parts: there } in places"
      :key="place"
      class="zone"
      :aria-label="words.places[place]"
      data-move-place
    >
      <h3 v-if="place !== 'picture'">{{ words.places[place] }}</h3>
      <DraggableRows
        :items="there"
        tag="ul"
        class="parts"
        :group="zoneOfPlace(place) === null ? 'picture' : 'parts'"
        @drop="dropped(place, $event)"
      >
        <PartRow
          v-for="part in there"
          :key="partKey(part)"
          :setting="part"
          :beside="isBeside"
          :usual="isUsual(part)"
          :open="selection.openPart === partKey(part)"
          @update:open="open(part, $event)"
          @change="emit('change', withPart(parts, $event), 'Card', `part ${partKey(part)}`)"
          @step="step(part, $event)"
          @remove="emit('change', withoutPart(parts, partKey(part)), 'Remove a part')"
        />
      </DraggableRows>
      <p v-if="there.length === 0 && place !== 'picture'" class="empty">{{ words.placeEmpty }}</p>
    </section>
  </div>
</template>

<style scoped>
.zones {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}

.zone {
  position: relative;
}

h3 {
  margin-bottom: 4px;
  font-size: var(--size-note);
  font-weight: 600;
  color: var(--soft);
}

.parts {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  min-height: 30px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.zone:has(.part) .parts {
  min-height: 0;
}

.empty {
  position: absolute;
  inset: auto 0 0;
  height: 30px;
  display: grid;
  place-items: center;
  border: 1px dashed var(--line);
  border-radius: 8px;
  font-size: var(--size-fine);
  color: var(--soft);
  pointer-events: none;
}
</style>
