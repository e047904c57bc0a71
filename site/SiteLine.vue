<script setup lang="ts">
import { useId } from 'vue'
import type { MenuLink } from '../core/menus'
import SiteMenu from './SiteMenu.vue'
import { words } from './words'

/** The name of the site and a menu, at the two ends of a line. */
defineProps<{
  name: string
  tagline: string
  /** The address of its icon; null for none. */
  icon: string | null
  links: readonly MenuLink[]
  /** Of the page. */
  path: string
  /** What the menu is called. */
  label: string
  /** Whether the menu comes when it is asked for, where it is narrow. */
  folds: boolean
}>()
const id = useId()
</script>

<template>
  <div class="site-line">
    <div>
      <a class="site-name" href="/"
        ><img v-if="icon" :src="icon" alt="" width="32" height="32" />{{ name }}</a
      >
      <p v-if="tagline">{{ tagline }}</p>
    </div>
    <template v-if="links.length > 0">
      <button v-if="folds" type="button" class="menu-way" :popovertarget="id" data-control>
        {{ words.menu }}
      </button>
      <nav :id="id" class="site-nav" :popover="folds ? '' : undefined" :aria-label="label">
        <SiteMenu :links="links" :path="path" />
      </nav>
    </template>
  </div>
</template>
