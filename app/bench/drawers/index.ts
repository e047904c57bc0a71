import { defineAsyncComponent } from 'vue'
import type { Component } from 'vue'
import type { DrawerName } from '../../stores/bench/selection'

type Loader = () => Promise<{ readonly default: Component }>

const loaders: Readonly<Record<DrawerName, Loader>> = {
  from: () => import('./FromDrawer.vue'),
  order: () => import('./OrderDrawer.vue'),
  amount: () => import('./AmountDrawer.vue'),
  shape: () => import('./ShapeDrawer.vue'),
  card: () => import('./CardDrawer.vue'),
  why: () => import('./WhyDrawer.vue'),
  next: () => import('./NextDrawer.vue'),
  checks: () => import('./ChecksDrawer.vue'),
}

const lazy = (load: Loader) => defineAsyncComponent({ loader: load, delay: 0 })

/**
 * What can stand beside the page, fetched when it is first opened. Each gets the chosen listing,
 * where there is one, and changes it through the stores of the bench.
 */
export const drawers: Readonly<Record<DrawerName, Component>> = {
  from: lazy(loaders.from),
  order: lazy(loaders.order),
  amount: lazy(loaders.amount),
  shape: lazy(loaders.shape),
  card: lazy(loaders.card),
  why: lazy(loaders.why),
  next: lazy(loaders.next),
  checks: lazy(loaders.checks),
}

/** What fetches each drawer, so that none has to be waited for. */
export const drawerLoaders: readonly Loader[] = Object.values(loaders)
