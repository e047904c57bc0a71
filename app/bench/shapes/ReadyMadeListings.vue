<script setup lang="ts">
import { computed } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { suitedListings, withReadyMadeListing } from '~~/core/listing/ready-made'
import type { ReadyMadeListing } from '~~/core/listing/ready-made'
import type { Sample } from '~~/core/pages/answers'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useAnswer } from '../../shared/answers'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import SampleTiles from '../SampleTiles.vue'
import { useCardFields } from '../parts/fields'
import { words } from './words'

/** Listings to begin with or to start over as, each shown with the listing's own entries. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ listing: Listing }>()
const emit = defineEmits<{ choose: [change: (before: Listing) => Listing, title: string] }>()
const view = useView()
const catalogue = useCatalogue()
const { fields, happens } = useCardFields()
const { answer, failure } = useAnswer<readonly Sample[]>(() => ({
  path: '/api/bench/listings/samples',
  body: { definition: props.listing, ...view.asked() },
}))
const documents = computed(() => new Map((answer.value ?? []).map(({ name, html }) => [name, html])))
const samples = computed(() => {
  const [first] = props.listing.from.collections
  const kind = catalogue.catalogue.collections.find(({ id }) => id === first)?.kind
  return suitedListings(kind ?? 'plain', happens.value)
})

function choose(ready: ReadyMadeListing) {
  const look = (name: string) => catalogue.catalogue.looks.find((one) => one.name === name)?.id
  const made = { fields: fields.value, look }
  emit('choose', (before) => withReadyMadeListing(before, ready, made), words.startOver(ready.title))
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="words.readyMade" :width="1180">
    <p class="kept">{{ words.readyMadeHint }}</p>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <SampleTiles :samples="samples" :documents="documents" is-true @choose="choose" />
  </SheetDialog>
</template>

<style scoped>
.kept {
  margin-bottom: 12px;
  color: var(--soft);
  font-size: var(--size-small);
}
</style>
