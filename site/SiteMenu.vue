<script setup lang="ts">
import type { MenuLink } from '../core/menus'

/**
 * The links of a menu. One with others under it opens them, itself the first of them; unfolded they all
 * stand below it.
 */
const props = defineProps<{ links: readonly MenuLink[]; path: string; unfolded?: boolean }>()

const currentOf = (path: string) => (path === props.path ? 'page' : undefined)

function linksUnder({ title, path, under }: MenuLink): MenuLink['under'] {
  return path === null ? under : [{ title, path }, ...under]
}
</script>

<template>
  <ul>
    <li v-for="(link, at) in links" :key="at">
      <a
        v-if="link.path !== null && (unfolded || link.under.length === 0)"
        :href="link.path"
        :aria-current="currentOf(link.path)"
        >{{ link.title }}</a
      >
      <span v-else-if="unfolded">{{ link.title }}</span>
      <ul v-if="unfolded && link.under.length > 0">
        <li v-for="(one, place) in link.under" :key="place">
          <a :href="one.path" :aria-current="currentOf(one.path)">{{ one.title }}</a>
        </li>
      </ul>
      <details v-else-if="link.under.length > 0" name="menu">
        <summary data-control :data-here="linksUnder(link).some((one) => one.path === path) || undefined">
          {{ link.title }}
        </summary>
        <ul>
          <li v-for="(one, place) in linksUnder(link)" :key="place">
            <a :href="one.path" :aria-current="currentOf(one.path)">{{ one.title }}</a>
          </li>
        </ul>
      </details>
    </li>
  </ul>
</template>
