<script setup lang="ts">
import { searchAddress } from '../core/pages/usual'
import { words } from './words'

/** A field for words, which leads to the search page. */
defineProps<{ hint: string; button: string; typed?: string }>()
</script>

<template>
  <form class="search-form" role="search" :action="searchAddress" method="get">
    <input
      type="search"
      name="words"
      maxlength="200"
      required
      :placeholder="hint"
      :value="typed || undefined"
      :aria-label="words.searchFor"
    />
    <button type="submit">{{ button }}</button>
  </form>
</template>
