<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import type { FittingContents } from '../view'
import { words } from '../words'

defineProps<{ fitting: ChosenFitting<'breadcrumbs'>; content: FittingContents['breadcrumbs'] }>()
</script>

<template>
  <nav v-if="content.length > 0" class="breadcrumbs" :aria-label="words.breadcrumbs">
    <ol>
      <li v-for="(step, at) in content" :key="step.path">
        <span v-if="at > 0" class="between" aria-hidden="true">{{ fitting.between }}</span>
        <span v-if="at === content.length - 1" aria-current="page">{{ step.title }}</span>
        <a v-else :href="step.path">{{ step.title }}</a>
      </li>
    </ol>
  </nav>
</template>
