import { defineAsyncComponent } from 'vue'
import type { Component } from 'vue'
import type { Clause } from '~~/core/listing/definition'

type Loader = () => Promise<{ readonly default: Component }>

const loaders: Readonly<Record<Clause, Loader>> = {
  from: () => import('./FromDrawer.vue'),
  order: () => import('./OrderDrawer.vue'),
  amount: () => import('./AmountDrawer.vue'),
  shape: () => import('./ShapeDrawer.vue'),
  card: () => import('./CardDrawer.vue'),
}

const lazy = (load: Loader) => defineAsyncComponent({ loader: load, delay: 0 })

/**
 * The drawer of every clause, fetched when it is first opened. Each gets the listing and changes it
 * through the bench's store.
 */
export const drawers: Readonly<Record<Clause, Component>> = {
  from: lazy(loaders.from),
  order: lazy(loaders.order),
  amount: lazy(loaders.amount),
  shape: lazy(loaders.shape),
  card: lazy(loaders.card),
}

/** Fetches all drawers, so that none has to be waited for. */
export function fetchDrawers(): void {
  for (const load of Object.values(loaders)) void load().catch(() => undefined)
}
