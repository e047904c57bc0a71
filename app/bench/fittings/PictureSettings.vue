<script setup lang="ts">
import type { ChosenFitting } from '~~/core/fittings'
import { pictureFitting } from '~~/core/fittings/picture'
import { faultsOf, parseWith } from '~~/core/parsing'
import { computed, ref, watch } from 'vue'
import MediaChoice from '../../content/media/MediaChoice.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'picture'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'picture'>, subject: string] }>()
/** As it is typed; it is taken once it is an address. */
const address = ref(props.settings.address)
watch(
  () => props.settings.address,
  (given) => (address.value = given),
)
const fault = computed(() => {
  const typed = { ...props.settings, address: address.value.trim() }
  return faultsOf(parseWith(pictureFitting.schema, typed))[0]?.message
})

function typed(next: string) {
  address.value = next
  if (fault.value === undefined && next.trim() !== props.settings.address)
    emit('change', { ...props.settings, address: next.trim() }, 'address')
}
</script>

<template>
  <section :aria-label="words.picture">
    <p class="input-title">{{ words.picture }}</p>
    <MediaChoice
      :model-value="settings.picture"
      :kinds="['picture']"
      :name="words.picture"
      @update:model-value="emit('change', { ...props.settings, picture: $event }, 'picture')"
    />
  </section>
  <TextSetting
    :label="words.caption"
    :value="settings.caption"
    :fallback="pictureFitting.defaults.caption"
    :most="400"
    @change="emit('change', { ...props.settings, caption: $event }, 'caption')"
  />
  <v-text-field
    :label="words.leadsTo"
    placeholder="/plots"
    maxlength="2000"
    :model-value="address"
    :error-messages="fault"
    @update:model-value="typed($event ?? '')"
  />
</template>
