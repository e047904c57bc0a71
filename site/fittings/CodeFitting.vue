<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import { usualRoom } from '../../core/fittings/code'
import type { FittingContents } from '../view'
import { words } from '../words'

/** No “allow-same-origin”: what runs in it has no origin, and so nothing of the site’s (HTML, sandboxing). */
const may = 'allow-scripts allow-forms allow-popups allow-popups-to-escape-sandbox'
defineProps<{ fitting: ChosenFitting<'code'>; content: FittingContents['code'] }>()
</script>

<template>
  <component
    :is="fitting.asksFirst ? 'details' : 'div'"
    v-if="content"
    :class="{ 'code-ask': fitting.asksFirst }"
    :data-control="fitting.asksFirst ? '' : undefined"
  >
    <summary v-if="fitting.asksFirst">{{ words.showCode(fitting.title) }}</summary>
    <iframe
      class="code"
      data-code
      :src="content.address"
      :sandbox="may"
      :title="fitting.title || words.code"
      :style="{ height: `${fitting.room ?? usualRoom}px` }"
      loading="lazy"
    />
  </component>
</template>
