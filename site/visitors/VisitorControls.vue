<script setup lang="ts">
import { words } from '../words'
import ControlGroup from './ControlGroup.vue'
import type { VisitorsView } from './view'

/**
 * What visitors can do with a listing, and what came of it. Everything is a link or a form; the script follows
 * it in place. What stands beside the listing folds away where it is too narrow for that.
 */
defineProps<{ visitors: VisitorsView; name: string }>()
</script>

<template>
  <div class="listing-controls" role="group" :aria-label="words.controlsOf(name)">
    <details
      v-if="visitors.place === 'before' || visitors.place === 'after'"
      class="controls-fold"
      data-folds
    >
      <summary data-control>{{ words.controlsFold }}</summary>
      <div class="controls-all">
        <ControlGroup v-for="(control, at) in visitors.controls" :key="at" :control="control" />
      </div>
    </details>
    <template v-else>
      <ControlGroup v-for="(control, at) in visitors.controls" :key="at" :control="control" />
    </template>
    <div v-if="visitors.all !== null || visitors.found !== null" class="narrow-outcome">
      <p role="status">
        {{ visitors.found !== null ? words.foundSo(visitors.found) : words.inAll(visitors.all ?? 0) }}
      </p>
      <ul v-if="visitors.chosen.length > 0" role="list" class="narrow-chosen">
        <li v-for="one in visitors.chosen" :key="one.address">
          <a
            data-in-place
            data-chosen
            rel="nofollow"
            :href="one.address"
            :aria-label="words.takeOff(one.title)"
            >{{ one.title }}</a
          >
        </li>
        <li v-if="visitors.clear !== null && visitors.chosen.length > 1">
          <a class="narrow-clear" data-in-place rel="nofollow" :href="visitors.clear">{{ words.clearAll }}</a>
        </li>
      </ul>
    </div>
  </div>
</template>
