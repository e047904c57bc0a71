<script setup lang="ts">
import { words } from '../words'
import ControlWays from './ControlWays.vue'
import WaysMenu from './WaysMenu.vue'
import type { ControlContents } from './view'

/** The terms of a facet, the choices of a field or authors, each a link to the listing narrowed by it. */
defineProps<{ content: ControlContents['terms' | 'values' | 'authors']; label: string }>()
</script>

<template>
  <WaysMenu
    v-if="content.layout === 'menu'"
    :label="label"
    :several="content.several"
    :icons="content.icons"
    :all="content.all"
    :ways="[...content.first, ...content.others]"
  />
  <template v-else>
    <ControlWays
      :layout="content.layout"
      :several="content.several"
      :icons="content.icons"
      :all="content.all"
      :ways="content.first"
    />
    <details v-if="content.others.length > 0" data-folds>
      <summary data-control>{{ words.moreTerms(content.others.length) }}</summary>
      <ControlWays
        :layout="content.layout"
        :several="content.several"
        :icons="content.icons"
        :ways="content.others"
      />
    </details>
  </template>
</template>
