<script setup lang="ts">
import type { MenuLink } from '../core/pages/menus'

/** The links of a menu. One with others under it opens them, itself the first of them. */
const props = defineProps<{ links: readonly MenuLink[]; path: string }>()

const currentOf = (path: string) => (path === props.path ? 'page' : undefined)

function linksUnder({ title, path, under }: MenuLink): MenuLink['under'] {
  return path === null ? under : [{ title, path }, ...under]
}
</script>

<template>
  <ul>
    <li v-for="(link, at) in links" :key="at">
      <a
        v-if="link.path !== null && link.under.length === 0"
        :href="link.path"
        :aria-current="currentOf(link.path)"
        >{{ link.title }}</a
      >
      <details v-else name="menu" data-control>
        <summary :data-here="linksUnder(link).some((one) => one.path === path) || undefined">
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
