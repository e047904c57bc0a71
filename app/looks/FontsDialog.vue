<script setup lang="ts">
import { computed, watch } from 'vue'
import { fontUses, usualFonts } from '~~/core/looks/fonts/site-fonts'
import type { ChosenFonts, FontUse } from '~~/core/looks/fonts/site-fonts'
import type { SavedSiteValues } from '~~/core/looks/site-values'
import FormDialog from '../shared/FormDialog.vue'
import FontSelect from '../shared/looks/FontSelect.vue'
import { fetchSamples, sampleFamily } from '../shared/looks/font-samples'
import { useCatalogue } from '../stores/catalogue'
import OwnFonts from './OwnFonts.vue'
import { useSiteValuesForm } from './site-values-form'
import { words } from './words'

/** Chooses the fonts of headings and of text, and brings the site's own. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ site: SavedSiteValues }>()
const emit = defineEmits<{ saved: []; changed: [] }>()
const catalogue = useCatalogue()
const fonts = computed(() => catalogue.catalogue.fonts)

const { values, faults, sending, problem, changed, save } = useSiteValuesForm<ChosenFonts>(open, {
  typed: () => props.site.fonts,
  asked,
  fieldOf: (path) => path.replace(/^fonts\./, ''),
  saved: () => emit('saved'),
})

// What is chosen is shown in its font.
watch(
  () => fonts.value.filter(({ name }) => Object.values(values).includes(name)),
  (chosen) => fetchSamples(chosen),
  { immediate: true },
)

function asked({ headings, text }: ChosenFonts): SavedSiteValues {
  return { ...props.site, fonts: { headings, text } }
}

/** The letters of what is chosen for a use; those of the bench where a font is not there any more. */
function letters(use: FontUse) {
  const font = fonts.value.find(({ name }) => name === values[use])
  return font === undefined ? {} : { fontFamily: `'${sampleFamily(font)}'` }
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.fonts.change"
    :width="640"
    :save="words.palette.save"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <p class="note">{{ words.fonts.about }}</p>
    <div class="both">
      <div v-for="use in fontUses" :key="use" class="use">
        <b aria-hidden="true">{{ words.fonts.uses[use] }}</b>
        <FontSelect
          :label="words.fonts.uses[use]"
          :fonts="fonts"
          :value="values[use]"
          :errors="faults(use)"
          @change="values[use] = $event"
        />
        <p :class="use" :style="letters(use)">{{ words.fonts.samples[use] }}</p>
      </div>
    </div>
    <v-btn class="usual" height="34" @click="Object.assign(values, usualFonts)">{{
      words.palette.usual
    }}</v-btn>
    <OwnFonts @changed="emit('changed')" />
  </FormDialog>
</template>

<style scoped>
.note {
  color: var(--soft);
  font-size: var(--size-small);
}

.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 240px), 1fr));
  align-items: start;
  gap: 20px 32px;
}

.use {
  display: grid;
  gap: 8px;
}

.headings {
  font-size: var(--size-title);
  font-weight: 600;
  line-height: 1.2;
}

.text {
  font-size: var(--size-body);
}

.usual {
  justify-self: start;
}
</style>
