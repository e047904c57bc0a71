<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenFitting } from '../../core/fittings'
import type { FittingContents } from '../view'
import { words } from '../words'

const props = defineProps<{ fitting: ChosenFitting<'neighbours'>; content: FittingContents['neighbours'] }>()
const ways = computed(() =>
  (['earlier', 'later'] as const).flatMap((way) => {
    const to = props.content[way]
    return to === null ? [] : [{ way, to }]
  }),
)
</script>

<template>
  <nav v-if="ways.length" class="neighbours" :aria-label="words.neighbours">
    <a
      v-for="{ way, to } in ways"
      :key="way"
      :class="way"
      :rel="way === 'later' ? 'next' : 'prev'"
      :href="to.path"
    >
      <span>{{ fitting[way] }}</span>
      {{ to.title }}
    </a>
  </nav>
</template>
