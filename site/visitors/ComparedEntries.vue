<script setup lang="ts">
import { words } from '../words'
import type { ComparisonView } from './comparing'

/** Entries side by side, thing by thing. */
defineProps<{ comparison: ComparisonView; name: string }>()
</script>

<template>
  <div class="compared">
    <p class="compared-ways">
      <a data-in-place rel="nofollow" :href="comparison.back">{{ words.backToAll }}</a>
      <a data-in-place rel="nofollow" :href="comparison.other">{{
        comparison.isOnly ? words.allOfThem : words.onlyDifferences
      }}</a>
    </p>
    <div class="compared-room" role="region" tabindex="0" :aria-label="words.comparisonOf(name)">
      <table class="compare-table">
        <thead>
          <tr>
            <td></td>
            <th v-for="head in comparison.heads" :key="head.address" scope="col">
              <img
                v-if="head.picture"
                :src="head.picture.source"
                :srcset="head.picture.sourceSet"
                :sizes="head.picture.sizes"
                :width="head.picture.width"
                :height="head.picture.height"
                alt=""
                decoding="async"
              />
              <a :href="head.address">{{ head.title }}</a>
              <a
                class="compared-off"
                data-in-place
                rel="nofollow"
                :href="head.off"
                :aria-label="words.takeOutOf(head.title)"
                >{{ words.takeOut }}</a
              >
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in comparison.rows" :key="row.title" :data-differs="row.differs ? '' : undefined">
            <th scope="row">{{ row.title }}</th>
            <td v-for="(value, at) in row.values" :key="at">{{ value || '–' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="comparison.rows.length === 0" class="listing-empty">{{ words.nothingDiffers }}</p>
  </div>
</template>
