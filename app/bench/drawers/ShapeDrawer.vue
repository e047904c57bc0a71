<script setup lang="ts">
import type { Listing } from '~~/core/listing/definition'
import { inShape } from '~~/core/listing/in-shape'
import { shapes } from '~~/core/shapes'
import type { ShapeChoice } from '~~/core/shapes'
import { commonDefaults } from '~~/core/shapes/define'
import type { CommonSettings } from '~~/core/shapes/define'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import IconChoice from '../../shared/settings/IconChoice.vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { shapeSettings } from '../shapes'
import { choicesOf } from '../../shared/settings/choices'
import ReadyMadePress from '../shapes/ReadyMadePress.vue'
import { words } from '../shapes/words'

const props = defineProps<{ listing: Listing }>()
const edits = useListingEdits()
const kinds = shapes.all.map(({ name, title, about }) => ({
  value: name,
  title,
  about,
  icon: shapeSettings[name].icon,
}))

function set(shape: ShapeChoice, subject: string) {
  edits.editChosen('Shape', (before) => ({ ...before, shape }), `shape ${subject}`)
}

function setCommon(change: Partial<CommonSettings>) {
  set({ ...props.listing.shape, ...change }, Object.keys(change).join())
}
</script>

<template>
  <ReadyMadePress :listing="listing" :height="36" />
  <IconChoice
    :label="words.shape"
    :value="listing.shape.name"
    :choices="kinds"
    @change="edits.editChosen('Shape', (before) => inShape(before, $event))"
  />
  <component :is="shapeSettings[listing.shape.name].settings" :settings="listing.shape" @change="set" />
  <ChoiceSetting
    :label="words.align"
    :value="listing.shape.align"
    :fallback="commonDefaults.align"
    :choices="choicesOf(words.aligns)"
    @change="setCommon({ align: $event })"
  />
  <SelectSetting
    :label="words.direction"
    :value="listing.shape.direction"
    :fallback="commonDefaults.direction"
    :choices="choicesOf(words.directionChoices)"
    @change="setCommon({ direction: $event })"
  />
</template>
