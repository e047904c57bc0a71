<script setup lang="ts">
import { words } from '../words'
import { controlComponents } from './index'
import type { VisitorsView } from './view'

/** What visitors can do with a listing, and what came of it. Everything is a link; the script follows it in place. */
defineProps<{ visitors: VisitorsView; name: string }>()
</script>

<template>
  <div class="listing-controls" role="group" :aria-label="words.controlsOf(name)">
    <div
      v-for="(control, at) in visitors.controls"
      :key="at"
      class="narrow"
      role="group"
      :aria-label="control.label"
    >
      <p :class="control.labelHidden ? 'only-read' : 'narrow-label'" aria-hidden="true">
        {{ control.label }}
      </p>
      <component :is="controlComponents[control.control]" :content="control.content" :label="control.label" />
    </div>
    <div class="narrow-outcome">
      <p role="status">
        <template v-if="visitors.found !== null">{{ words.foundSo(visitors.found) }}</template>
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
