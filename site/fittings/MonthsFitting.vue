<script setup lang="ts">
import type { ChosenFitting } from '../../core/fittings'
import type { FittingContents } from '../view'
import { words } from '../words'

defineProps<{ fitting: ChosenFitting<'months'>; content: FittingContents['months'] }>()
</script>

<template>
  <nav v-if="content.length > 0" class="month-index" :aria-label="words.months">
    <details v-for="(year, at) in content" :key="year.year" :open="at < fitting.open">
      <summary>
        {{ year.year }} <span v-if="fitting.counts" class="count">{{ year.count }}</span>
      </summary>
      <ul>
        <li v-for="month in year.months" :key="month.address">
          <a :href="month.address">{{ month.name }}</a>
          <span v-if="fitting.counts" class="count">{{ month.count }}</span>
        </li>
      </ul>
    </details>
  </nav>
</template>
