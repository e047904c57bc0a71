<script setup lang="ts">
import type { NavigationLink } from '../core/navigation'
import { words } from './words'

/** The way from the front page to this one, which is the last step and leads nowhere. */
defineProps<{ trail: readonly NavigationLink[]; between: string }>()
</script>

<template>
  <nav class="breadcrumbs" :aria-label="words.breadcrumbs">
    <ol>
      <li v-for="(step, at) in trail" :key="step.path">
        <span v-if="at > 0" class="between" aria-hidden="true">{{ between }}</span>
        <span v-if="at === trail.length - 1" aria-current="page">{{ step.title }}</span>
        <a v-else :href="step.path">{{ step.title }}</a>
      </li>
    </ol>
  </nav>
</template>
