<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import type { FittingContents } from '../view'
import { words } from '../words'

/** No “allow-same-origin”: what runs in it has no origin, and so nothing of the site’s (HTML, sandboxing). */
const may = 'allow-scripts allow-forms allow-popups allow-popups-to-escape-sandbox'
defineProps<{ fitting: ChosenFitting<'code'>; content: FittingContents['code'] }>()
</script>

<template>
  <details v-if="content && fitting.asksFirst" class="code-ask" data-control>
    <summary>{{ words.showCode(fitting.title) }}</summary>
    <iframe
      class="code"
      data-code
      :src="content.address"
      :sandbox="may"
      :title="fitting.title || words.code"
      loading="lazy"
    />
  </details>
  <iframe
    v-else-if="content"
    class="code"
    data-code
    :src="content.address"
    :sandbox="may"
    :title="fitting.title || words.code"
    loading="lazy"
  />
</template>
