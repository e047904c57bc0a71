<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { emptyDocument, isEmptyDocument } from '~~/core/content/rich-text/document'
import type { RichText } from '~~/core/content/rich-text/document'
import type { HeadingLevel, Placement, Surroundings } from '~~/core/pages/definition'
import FoldedPart from '../shared/FoldedPart.vue'
import DayField from '../shared/dates/DayField.vue'
import AddressSetting from '../shared/settings/AddressSetting.vue'
import SelectSetting from '../shared/settings/SelectSetting.vue'
import { useDraft } from '../stores/bench/draft'
import { usePlacing } from '../stores/bench/placing'
import { words as areaWords } from './areas/words'
import PlacementNames from './PlacementNames.vue'
import RichTextSetting from './RichTextSetting.vue'
import { headingLevelChoices, words } from './words'

/** What visitors read around something that is placed: its heading, and words above and below it. */
const props = defineProps<{ placement: Placement }>()
const draft = useDraft()
const placing = usePlacing()
const usualLevel: HeadingLevel = 2
const places = ['above', 'below'] as const

const isShelved = computed(() => draft.page.shelf.some((one) => one.id === props.placement.id))
/** The editors come when they are wanted, and at once where there are words. */
const isOpen = ref(false)
watch(
  () => props.placement.id,
  () => (isOpen.value = props.placement.above !== undefined || props.placement.below !== undefined),
  { immediate: true },
)

/** Changes one of them; what is as nothing were said is not said. */
function set<Key extends keyof Surroundings>(key: Key, value: Surroundings[Key] | null) {
  draft.editPlacement(
    props.placement.id,
    words.heading,
    (before) =>
      Object.fromEntries(
        Object.entries({ ...before, [key]: value }).filter(([, one]) => one !== null),
      ) as unknown as Placement,
    key,
  )
}

function setWords(place: (typeof places)[number], text: RichText) {
  set(place, isEmptyDocument(text) ? null : text)
}
</script>

<template>
  <DayField
    v-if="isShelved"
    :model-value="placement.parked?.until ?? null"
    :label="areaWords.untilLabel"
    :hint="areaWords.untilHint"
    clearable
    @update:model-value="placing.parkUntil(placement, $event)"
  />
  <v-text-field
    :label="words.heading"
    :hint="words.headingHint"
    maxlength="160"
    :model-value="placement.heading"
    @update:model-value="set('heading', $event ?? '')"
  />
  <template v-if="placement.heading !== ''">
    <SelectSetting
      :label="words.headingLevel"
      :value="placement.headingLevel ?? usualLevel"
      :fallback="usualLevel"
      :choices="headingLevelChoices"
      @change="set('headingLevel', $event === usualLevel ? null : $event)"
    />
    <AddressSetting
      :label="words.headingAddress"
      :value="placement.headingAddress ?? ''"
      @change="set('headingAddress', $event === '' ? null : $event)"
    />
  </template>
  <div>
    <FoldedPart v-model:open="isOpen" :title="words.wordsAround">
      <div class="around">
        <RichTextSetting
          v-for="place in places"
          :key="`${placement.id} ${place}`"
          :label="words.around[place]"
          :value="placement[place] ?? emptyDocument"
          @change="setWords(place, $event)"
        />
      </div>
    </FoldedPart>
    <PlacementNames :placement="placement" @set="set" />
    <slot />
  </div>
</template>

<style scoped>
.around {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}
</style>
