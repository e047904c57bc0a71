<script setup lang="ts">
import { ref } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import { groundFits, noGroundPicture } from '~~/core/looks/properties/grounds'
import type { GroundPicture } from '~~/core/looks/properties/grounds'
import MediaChoice from '../../../content/media/MediaChoice.vue'
import { pictureAt } from '../../../content/media/media-files'
import { shadesOf } from '../../../shared/looks/picture-shades'
import NumberSetting from '../../../shared/settings/NumberSetting.vue'
import SelectSetting from '../../../shared/settings/SelectSetting.vue'
import { words } from '../words'

/** A picture behind something: which, how it fills what it lies behind, and what of it stays in sight. */
const props = defineProps<{ label: string; value: GroundPicture }>()
const emit = defineEmits<{ change: [value: GroundPicture] }>()
const fits = groundFits.map((value) => ({ value, title: words.groundFits[value] }))
/** So wide is what is shown, in pixels: twice a wide listing’s card. */
const shownWidth = 1600
/** Enough to tell what is dark and what is light. */
const lookedAt = 160

/** What was chosen last: shades of an earlier choice that come late are of no use. */
const latest = ref(0)

async function choose(media: MediaRow) {
  latest.value = media.id
  const shades = await shadesOf(pictureAt(media, lookedAt))
  if (latest.value !== media.id) return
  emit('change', {
    ...props.value,
    picture: media.id,
    source: pictureAt(media, shownWidth),
    across: Math.round(media.focalX * 100),
    down: Math.round(media.focalY * 100),
    ...shades,
  })
}

function remove() {
  latest.value = 0
  const { fit } = props.value
  emit('change', { ...noGroundPicture, fit })
}
</script>

<template>
  <div class="several" role="group" :aria-label="label">
    <MediaChoice
      class="whole"
      :model-value="value.picture"
      :kinds="['picture']"
      :name="label"
      @chosen="choose"
      @update:model-value="$event === null && remove()"
    />
    <template v-if="value.picture !== null">
      <SelectSetting
        class="whole"
        :label="words.groundFit"
        :value="value.fit"
        :choices="fits"
        @change="emit('change', { ...value, fit: $event })"
      />
      <NumberSetting
        v-for="side in ['across', 'down'] as const"
        :key="side"
        :label="words.inSight[side]"
        :value="value[side]"
        :least="0"
        :most="100"
        unit="%"
        @change="emit('change', { ...value, [side]: $event })"
      />
    </template>
  </div>
</template>
