<script setup lang="ts">
import type { ControlContents } from './view'

/** A field for words of the listing. */
defineProps<{ content: ControlContents['search']; label: string }>()
</script>

<template>
  <form
    class="narrow-search"
    method="get"
    role="search"
    :aria-label="label"
    :data-told="content.told ?? undefined"
    data-in-place
    data-control
  >
    <input v-for="one in content.others" :key="one.name" type="hidden" :name="one.name" :value="one.value" />
    <input
      class="narrow-field"
      type="search"
      :name="content.parameter"
      :value="content.typed || undefined"
      :maxlength="content.most"
      :placeholder="content.hint"
      :aria-label="label"
    />
    <button class="narrow-button" type="submit">{{ content.button }}</button>
  </form>
</template>
