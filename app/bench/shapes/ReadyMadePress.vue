<script setup lang="ts">
import { ref } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { fetchedLater } from '../../shared/fetched-later'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { words } from './words'

const ReadyMadeListings = fetchedLater(() => import('./ReadyMadeListings.vue'))

/** The way to the listings that the chosen one can begin or start over as. */
defineProps<{ listing: Listing; height: number }>()
const edits = useListingEdits()
const choosing = ref(false)
</script>

<template>
  <div>
    <v-btn :height="height" @click="choosing = true">{{ words.readyMade }}</v-btn>
    <ReadyMadeListings
      v-if="choosing"
      v-model="choosing"
      :listing="listing"
      @choose="(change, title) => edits.editChosen(title, change)"
    />
  </div>
</template>
