<script setup lang="ts">
import type { BandBackground } from '~~/core/pages/bands/definition'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import ColourSetting from '../../shared/settings/ColourSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import PictureSetting from '../../shared/settings/PictureSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { ref } from 'vue'
import { words } from './words'

/** What lies behind a band. A picture is there once one is chosen. */
const props = defineProps<{ ground: BandBackground }>()
const emit = defineEmits<{ change: [ground: BandBackground, subject?: string] }>()
/** A picture is wanted, and which is not said yet. */
const wantsPicture = ref(false)
const usual = { colour: '#efe8d8', veilColour: '#1d2b24', veil: 40 } as const

function become(is: BandBackground['is']) {
  wantsPicture.value = is === 'picture' && props.ground.is !== 'picture'
  if (is === 'none' && props.ground.is !== 'none') emit('change', { is })
  if (is === 'colour' && props.ground.is !== 'colour') emit('change', { is, colour: usual.colour })
}

function setPicture(picture: number | null) {
  if (picture === null) return emit('change', { is: 'none' })
  const veiled = props.ground.is === 'picture' ? props.ground : { colour: usual.veilColour, veil: usual.veil }
  wantsPicture.value = false
  emit('change', { is: 'picture', picture, colour: veiled.colour, veil: veiled.veil })
}
</script>

<template>
  <ChoiceSetting
    :label="words.background"
    :value="wantsPicture ? 'picture' : ground.is"
    fallback="none"
    :choices="choicesOf(words.backgrounds)"
    @change="become"
  />
  <ColourSetting
    v-if="ground.is === 'colour' && !wantsPicture"
    :label="words.colour"
    :pick="words.pickColour"
    :value="ground.colour"
    @change="emit('change', { is: 'colour', colour: $event }, 'colour')"
  />
  <template v-if="ground.is === 'picture' || wantsPicture">
    <PictureSetting
      :label="words.picture"
      :value="ground.is === 'picture' ? ground.picture : null"
      @change="setPicture"
    />
    <template v-if="ground.is === 'picture'">
      <ColourSetting
        :label="words.veilColour"
        :pick="words.pickColour"
        :value="ground.colour"
        :fallback="usual.veilColour"
        @change="emit('change', { ...ground, colour: $event }, 'colour')"
      />
      <NumberSetting
        :label="words.veil"
        :value="ground.veil"
        :fallback="usual.veil"
        :least="0"
        :most="100"
        unit="%"
        @change="emit('change', { ...ground, veil: $event }, 'veil')"
      />
    </template>
  </template>
</template>
