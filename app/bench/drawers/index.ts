import type { Component } from 'vue'
import { fetchedLater } from '../../shared/fetched-later'
import type { DrawerName } from '../../stores/bench/selection'

type Loader = () => Promise<{ readonly default: Component }>

const loaders: Readonly<Record<DrawerName, Loader>> = {
  from: () => import('./FromDrawer.vue'),
  order: () => import('./OrderDrawer.vue'),
  amount: () => import('./AmountDrawer.vue'),
  shape: () => import('./ShapeDrawer.vue'),
  card: () => import('./CardDrawer.vue'),
  look: () => import('./LookDrawer.vue'),
  visitors: () => import('./VisitorsDrawer.vue'),
  why: () => import('./WhyDrawer.vue'),
  next: () => import('./NextDrawer.vue'),
  checks: () => import('./ChecksDrawer.vue'),
  fitting: () => import('./FittingDrawer.vue'),
  band: () => import('./BandDrawer.vue'),
}

/**
 * What can stand beside the page, fetched when it is first opened. Each gets the chosen listing,
 * where there is one, and changes it through the stores of the bench.
 */
export const drawers: Readonly<Record<DrawerName, Component>> = {
  from: fetchedLater(loaders.from),
  order: fetchedLater(loaders.order),
  amount: fetchedLater(loaders.amount),
  shape: fetchedLater(loaders.shape),
  card: fetchedLater(loaders.card),
  look: fetchedLater(loaders.look),
  visitors: fetchedLater(loaders.visitors),
  why: fetchedLater(loaders.why),
  next: fetchedLater(loaders.next),
  checks: fetchedLater(loaders.checks),
  fitting: fetchedLater(loaders.fitting),
  band: fetchedLater(loaders.band),
}

/** What fetches each drawer, so that none has to be waited for. */
export const drawerLoaders: readonly Loader[] = Object.values(loaders)
