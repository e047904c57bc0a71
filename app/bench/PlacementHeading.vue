<script setup lang="ts">
import type { Placement } from '~~/core/pages/definition'
import { useDraft } from '../stores/bench/draft'
import { words } from './words'

/** What visitors read above something that is placed. */
defineProps<{ placement: Placement }>()
const draft = useDraft()
</script>

<template>
  <v-text-field
    :label="words.heading"
    :hint="words.headingHint"
    maxlength="160"
    :model-value="placement.heading"
    @update:model-value="
      draft.editPlacement(
        placement.id,
        'Heading',
        (before) => ({ ...before, heading: $event ?? '' }),
        'heading',
      )
    "
  />
</template>
