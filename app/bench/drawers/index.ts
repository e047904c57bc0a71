import type { Component } from 'vue'
import type { Clause } from '~~/core/listing/definition'
import AmountDrawer from './AmountDrawer.vue'
import CardDrawer from './CardDrawer.vue'
import FromDrawer from './FromDrawer.vue'
import OrderDrawer from './OrderDrawer.vue'
import ShapeDrawer from './ShapeDrawer.vue'

/** The drawer of every clause. Each gets the listing and changes it through the bench's store. */
export const drawers: Record<Clause, Component> = {
  from: FromDrawer,
  order: OrderDrawer,
  amount: AmountDrawer,
  shape: ShapeDrawer,
  card: CardDrawer,
}
