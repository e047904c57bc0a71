<script setup lang="ts">
import { computed } from 'vue'
import type { PictureSetting } from '~~/core/cards/parts/picture'
import { picture, pictureRatios, usualShare } from '~~/core/cards/parts/picture'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

const props = defineProps<{ setting: PictureSetting; beside: boolean }>()
const emit = defineEmits<{ change: [setting: PictureSetting] }>()
const catalogue = useCatalogue()

function set(change: Partial<PictureSetting>) {
  emit('change', { ...props.setting, ...change })
}

const placeholders = computed(() =>
  choicesOf({
    site: words.placeholderOfSite(shared.placeholders[catalogue.catalogue.placeholder]),
    ...shared.placeholders,
  }),
)
const ratios = pictureRatios.map((ratio) => ({
  value: ratio,
  title: ratio === 'natural' ? words.ratioNatural : ratio,
}))
</script>

<template>
  <ChoiceSetting
    :label="words.ratio"
    :value="setting.ratio"
    :choices="ratios"
    :fallback="picture.defaults.ratio"
    @change="set({ ratio: $event })"
  />
  <ChoiceSetting
    :label="words.fit"
    :value="setting.fit ?? 'fill'"
    fallback="fill"
    :choices="choicesOf(words.fits)"
    @change="set({ fit: $event })"
  />
  <ChoiceSetting
    :label="words.corners"
    :value="setting.corners ?? 'soft'"
    fallback="soft"
    :choices="choicesOf(words.cornerChoices)"
    @change="set({ corners: $event })"
  />
  <SelectSetting
    :label="words.effect"
    :value="setting.effect ?? 'none'"
    fallback="none"
    :choices="choicesOf(words.effects)"
    @change="set({ effect: $event })"
  />
  <ChoiceSetting
    :label="words.hover"
    :value="setting.hover ?? 'grow'"
    fallback="grow"
    :choices="choicesOf(words.hovers)"
    @change="set({ hover: $event })"
  />
  <SelectSetting
    :label="shared.placeholder"
    :value="setting.placeholder ?? 'site'"
    fallback="site"
    :choices="placeholders"
    @change="set({ placeholder: $event === 'site' ? undefined : $event })"
  />
  <template v-if="beside">
    <ChoiceSetting
      :label="words.side"
      :value="setting.side ?? 'start'"
      fallback="start"
      :choices="choicesOf(words.sides)"
      @change="set({ side: $event })"
    />
    <NumberSetting
      :label="words.share"
      :value="setting.share ?? usualShare"
      :fallback="usualShare"
      :least="10"
      :most="80"
      :unit="words.perCent"
      @change="set({ share: $event })"
    />
  </template>
</template>
