<script setup lang="ts">
import { words } from '../words'
import WaySign from './WaySign.vue'
import type { ControlWay, Way, WaysLayout } from './view'

/** Ways side by side or below each other; what is nested stands further in. */
const props = defineProps<{
  layout: WaysLayout
  /** Whether several of them are chosen together. */
  several?: boolean
  /** Where the signs of ways stand. */
  icons?: 'before' | 'above' | null | undefined
  /** What chooses none of them. */
  all?: (Way & { readonly isChosen: boolean }) | null
  ways: readonly ControlWay[]
  /** What it is called in the address, where what is chosen is remembered for the visit. */
  remembered?: string | undefined
}>()

function placeOf({ depth }: ControlWay) {
  const isBelow = props.layout === 'list' || props.layout === 'ticks'
  return isBelow && depth > 0 ? { '--depth': depth } : undefined
}
</script>

<template>
  <ul
    role="list"
    class="narrow-terms"
    :data-layout="layout"
    :data-several="several ? '' : undefined"
    :data-icons="icons ?? undefined"
    :data-remembered="remembered"
  >
    <li v-if="all">
      <a
        class="narrow-term"
        data-in-place
        rel="nofollow"
        :href="all.address"
        :aria-current="all.isChosen ? 'true' : undefined"
        >{{ all.title }}</a
      >
    </li>
    <li v-for="way in ways" :key="way.id" :style="placeOf(way)">
      <a
        :id="way.id"
        class="narrow-term"
        data-in-place
        rel="nofollow"
        :href="way.address"
        :ping="way.told ?? undefined"
        :aria-current="way.isChosen ? 'true' : undefined"
        :data-empty="way.count === 0 ? '' : undefined"
        ><WaySign v-if="way.sign" :sign="way.sign" />{{ way.title
        }}<template v-if="way.count !== null">
          <span class="narrow-count" :aria-label="words.found(way.count)">{{ way.count }}</span></template
        ></a
      >
    </li>
  </ul>
</template>
