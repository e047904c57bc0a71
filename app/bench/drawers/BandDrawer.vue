<script setup lang="ts">
import { computed } from 'vue'
import { bandReaches, pageRanges, plainBand } from '~~/core/pages/bands/definition'
import type { Band, BandBackground, PageRange } from '~~/core/pages/bands/definition'
import { rangeFrom } from '~~/core/pages/bands/geometry'
import { withColumns } from '~~/core/pages/moves'
import { columnsOn } from '~~/core/pages/standing'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import BandColumns from '../bands/BandColumns.vue'
import BandGround from '../bands/BandGround.vue'
import { words } from '../bands/words'

/** What is set for the chosen band. */
const draft = useDraft()
const selection = useSelection()
const band = computed(() => selection.band)
const isAcross = computed(
  () => columnsOn(draft.page).find((one) => one.band === band.value)?.area.isAcross === true,
)
const reaches = bandReaches.map((value) => ({ value, title: words.reaches[value] }))
/** Above and below what stands on a background, in CSS pixels. */
const usualSpace = 32
const spaces = [
  { key: 'above', label: words.above },
  { key: 'below', label: words.below },
] as const

function set(change: Partial<Band>, subject?: string) {
  edit((before) => ({ ...before, ...change }), subject)
}

function edit(change: (band: Band) => Band, subject?: string) {
  if (band.value !== null) draft.editBand(band.value.id, 'Band', change, subject)
}

/** What has just got a background of its own does not end where its words do. */
function setGround(background: BandBackground, subject?: string) {
  const isFirst = band.value?.background.is === 'none' && band.value.above + band.value.below === 0
  set({ background, ...(isFirst && { above: usualSpace, below: usualSpace }) }, subject)
}

function setShown(range: PageRange, isShown: boolean) {
  edit((before) => ({
    ...before,
    hiddenAt: pageRanges.filter((one) => (one === range ? !isShown : before.hiddenAt.includes(one))),
  }))
}
</script>

<template>
  <template v-if="band">
    <BandColumns
      :band="band"
      @change="(parts, subject) => edit((before) => withColumns(before, parts), subject)"
    />
    <SelectSetting
      v-if="isAcross"
      :label="words.reach"
      :value="band.reach"
      :fallback="plainBand.reach"
      :choices="reaches"
      @change="set({ reach: $event })"
    />
    <p v-else class="input-note">{{ words.reachNote }}</p>
    <BandGround :key="band.id" :ground="band.background" @change="setGround" />
    <div class="spaces">
      <NumberSetting
        v-for="{ key, label } in spaces"
        :key="key"
        :label="label"
        :value="band[key]"
        :fallback="plainBand[key]"
        :least="0"
        :most="240"
        unit="px"
        @change="set({ [key]: $event }, key)"
      />
    </div>
    <section class="shown" :aria-label="words.shown">
      <p class="input-title">{{ words.shown }}</p>
      <SwitchSetting
        v-for="range in pageRanges"
        :key="range"
        :label="words.ranges[range]"
        :value="!band.hiddenAt.includes(range)"
        fallback
        @change="setShown(range, $event)"
      />
      <p class="input-note">{{ words.rangeNote(rangeFrom.medium, rangeFrom.wide) }}</p>
    </section>
  </template>
</template>

<style scoped>
.spaces {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
}
</style>
