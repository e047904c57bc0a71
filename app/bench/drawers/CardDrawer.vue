<script setup lang="ts">
import { mdiDragVertical } from '@mdi/js'
import { VueDraggable } from 'vue-draggable-plus'
import { parts as partKinds } from '~~/core/cards/parts'
import type { PartSetting } from '~~/core/cards/parts'
import { same } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { useBench } from '../../stores/bench'
import { partSettings } from '../parts'
import { words } from '../words'

const props = defineProps<{ listing: Listing }>()
const bench = useBench()

function put(parts: readonly PartSetting[], title: string, subject?: string) {
  bench.editListing(title, (before) => ({ ...before, card: { parts } }), subject)
}

function set(next: PartSetting, title = 'Card') {
  put(
    props.listing.card.parts.map((part) => (part.part === next.part ? next : part)),
    title,
    `part ${next.part}`,
  )
}

function move(at: number, by: number) {
  const parts = [...props.listing.card.parts]
  const [moved] = parts.splice(at, 1)
  if (moved !== undefined && at + by >= 0) put(parts.toSpliced(at + by, 0, moved), 'Order of the card')
}

function switchOn(part: PartSetting, on: boolean | null) {
  set({ ...part, on: on === true }, 'Card')
}
</script>

<template>
  <VueDraggable
    tag="ul"
    class="parts"
    handle=".drag"
    :animation="140"
    :model-value="[...listing.card.parts]"
    @update:model-value="put($event, 'Order of the card')"
  >
    <li v-for="(part, at) in listing.card.parts" :key="part.part" class="part" :class="{ off: !part.on }">
      <div class="part-head">
        <button
          type="button"
          class="drag"
          :aria-label="`${words.dragPart(partKinds.get(part.part).title)}: arrow keys`"
          @keydown.up.prevent="move(at, -1)"
          @keydown.down.prevent="move(at, 1)"
        >
          <v-icon :icon="mdiDragVertical" size="18" />
        </button>
        <span class="part-title">{{ partKinds.get(part.part).title }}</span>
        <v-switch
          :model-value="part.on"
          :aria-label="words.shown(partKinds.get(part.part).title)"
          @update:model-value="switchOn(part, $event)"
        />
      </div>
      <div v-if="part.on && partSettings[part.part]" class="part-settings">
        <component
          :is="partSettings[part.part]"
          :setting="part"
          :fallback="partKinds.get(part.part).defaults"
          :collection="listing.from.collections[0]"
          @change="set"
        />
      </div>
    </li>
  </VueDraggable>
  <v-btn
    v-if="!same(listing.card.parts, partKinds.all.map((kind) => kind.defaults))"
    height="34"
    class="reset"
    @click="put(partKinds.all.map((kind) => kind.defaults), 'Put the card back')"
    >{{ words.putBack }}</v-btn
  >
</template>

<style scoped>
.parts {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.part {
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
}

.part.off {
  background: transparent;
}

.part-head {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 40px;
  padding: 0 12px 0 4px;
}

.drag {
  display: grid;
  place-items: center;
  width: 28px;
  height: 32px;
  border-radius: 6px;
  color: #8d8672;
  cursor: grab;
}

.part-title {
  flex: 1;
  font-weight: 600;
}

.part.off .part-title {
  color: var(--soft);
  font-weight: 500;
}

.part-head :deep(.v-switch) {
  flex: none;
}

.part-settings {
  padding: 0 12px 12px 32px;
}

.reset {
  justify-self: start;
}
</style>
