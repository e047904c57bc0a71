import fc from 'fast-check'
import { controlPlaces, mostControls } from '~~/core/listing/visitors'
import type { Visitors } from '~~/core/listing/visitors'
import type { Order } from '~~/core/order/order'
import { mostAmounts } from '~~/core/visitors/amount'
import { dateLayouts, dateSpans } from '~~/core/visitors/dates'
import { mostSteps, rangeLayouts } from '~~/core/visitors/range'
import { isOfferable, mostOrders, sortLayouts } from '~~/core/visitors/sort'
import { iconPlaces, termChoosings, termLayouts, termsOffered } from '~~/core/visitors/terms'
import { mostPlaces } from '~~/core/visitors/search'
import { valueChoosings } from '~~/core/visitors/values'
import { mostViews, viewLayouts } from '~~/core/visitors/views'
import type { Card } from '~~/core/cards/card'
import { anyShape } from './shape-arbitraries'

/** Controls of every kind, to the limits of what each may be. */

const labelled = {
  label: fc.constantFrom('', 'Wann & “wo”', 'x'.repeat(80)),
  labelHidden: fc.boolean(),
}
const searchControls = fc.array(
  fc.record({
    control: fc.constant('search' as const),
    ...labelled,
    hint: fc.constantFrom('', 'h'.repeat(80)),
    button: fc.constantFrom('Go', 'b'.repeat(40)),
    within: fc.option(
      fc.oneof(
        fc.subarray(['title', 'summary', 'text', 30, 41] as const, { minLength: 1 }),
        fc.constant(Array.from({ length: mostPlaces }, (_, id) => id)),
      ),
      { nil: undefined },
    ),
  }),
  { maxLength: 1 },
)
const valuesControls = fc.uniqueArray(
  fc.record({
    control: fc.constant('values' as const),
    field: fc.integer({ min: 30, max: 52 }),
    ...labelled,
    layout: fc.constantFrom(...termLayouts),
    choose: fc.constantFrom(...valueChoosings),
    counts: fc.boolean(),
    empty: fc.boolean(),
    all: fc.constantFrom('', 'All', 'y'.repeat(40)),
  }),
  { maxLength: 2, selector: ({ field }) => field },
)
const datesControls = fc.uniqueArray(
  fc.record({
    control: fc.constant('dates' as const),
    of: fc.oneof(fc.constantFrom('published' as const, 'when' as const), fc.integer({ min: 30, max: 52 })),
    ...labelled,
    layout: fc.constantFrom(...dateLayouts),
    spans: fc.shuffledSubarray([...dateSpans]),
    counts: fc.boolean(),
  }),
  { maxLength: 2, selector: ({ of }) => of },
)
const rangeControls = fc.uniqueArray(
  fc.record({
    control: fc.constant('range' as const),
    field: fc.integer({ min: 30, max: 52 }),
    ...labelled,
    layout: fc.constantFrom(...rangeLayouts),
    steps: fc
      .uniqueArray(fc.oneof(fc.integer({ min: -9, max: 9 }), fc.constantFrom(-1e15, 0.5, 1e15)), {
        maxLength: mostSteps,
      })
      .map((all) => all.toSorted((one, other) => one - other)),
    counts: fc.boolean(),
  }),
  { maxLength: 2, selector: ({ field }) => field },
)
const amountControls = fc.array(
  fc.record({
    control: fc.constant('amount' as const),
    ...labelled,
    amounts: fc
      .uniqueArray(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: mostAmounts })
      .map((all) => all.toSorted((one, other) => one - other)),
  }),
  { maxLength: 1 },
)
const compareControls = fc.array(
  fc.record({
    control: fc.constant('compare' as const),
    ...labelled,
    most: fc.integer({ min: 2, max: 4 }),
    mark: fc.constantFrom('Compare', 'm'.repeat(40)),
  }),
  { maxLength: 1 },
)
const viewsControls = (cards: fc.Arbitrary<Card>) =>
  fc.array(
    fc.record({
      control: fc.constant('views' as const),
      ...labelled,
      layout: fc.constantFrom(...viewLayouts),
      own: fc.constantFrom('', 'Ours', 'o'.repeat(40)),
      views: fc.array(
        fc.record({
          name: fc.constantFrom('', 'Small', '‽', 'n'.repeat(40)),
          shape: anyShape,
          card: fc.option(cards),
        }),
        { minLength: 1, maxLength: mostViews },
      ),
    }),
    { maxLength: 1 },
  )
/** What a control of terms need not have. */
const otherwise = (termIds: readonly number[]) => ({
  icons: fc.option(fc.constantFrom(...iconPlaces), { nil: undefined }),
  named: fc.option(
    fc
      .subarray([...termIds])
      .map((ids) => ids.slice(0, 60).map((term) => ({ term, name: 'n'.repeat(1 + (term % 60)) }))),
    { nil: undefined },
  ),
})
const authorsControls = fc.array(
  fc.record({
    control: fc.constant('authors' as const),
    ...labelled,
    layout: fc.constantFrom(...termLayouts),
    choose: fc.constantFrom(...valueChoosings),
    most: fc.integer({ min: 1, max: 60 }),
    counts: fc.boolean(),
    empty: fc.boolean(),
    all: fc.constantFrom('', 'All', 'y'.repeat(40)),
  }),
  { maxLength: 1 },
)
const termsControls = (termIds: readonly number[]) =>
  fc.uniqueArray(
    fc.record({
      control: fc.constant('terms' as const),
      facet: fc.nat(15),
      ...labelled,
      layout: fc.constantFrom(...termLayouts),
      choose: fc.constantFrom(...termChoosings),
      offer: fc.constantFrom(...termsOffered),
      terms: fc.subarray([...termIds, 2147483647]),
      most: fc.integer({ min: 1, max: 60 }),
      counts: fc.boolean(),
      empty: fc.boolean(),
      all: fc.constantFrom('', 'All', 'y'.repeat(40)),
      ...otherwise(termIds),
    }),
    { maxLength: 11, selector: ({ facet }) => facet },
  )
const sortControls = (orders: fc.Arbitrary<Order>) =>
  fc.array(
    fc.record({
      control: fc.constant('sort' as const),
      ...labelled,
      layout: fc.constantFrom(...sortLayouts),
      own: fc.constantFrom('', 'Ours', 'o'.repeat(60)),
      orders: fc.array(
        fc.record({
          name: fc.constantFrom('', 'Ours', '‽', 'n'.repeat(60)),
          order: orders
            .map((order) => ({ ...order, keys: order.keys.filter(isOfferable) }))
            .filter(({ keys }) => keys.length > 0),
        }),
        { minLength: 1, maxLength: mostOrders },
      ),
    }),
    { maxLength: 1 },
  )

/** What visitors can do with a listing of these terms, where orders and cards are such. */
export function visitorsWith(
  orders: fc.Arbitrary<Order>,
  termIds: readonly number[],
  cards: fc.Arbitrary<Card>,
): fc.Arbitrary<Visitors> {
  return fc
    .tuple(
      fc.constantFrom(...controlPlaces),
      compareControls,
      amountControls,
      sortControls(orders),
      viewsControls(cards),
      searchControls,
      datesControls,
      rangeControls,
      valuesControls,
      authorsControls,
      termsControls(termIds),
    )
    .map(([place, ...kinds]) => ({
      place,
      controls: kinds
        .flat()
        .slice(0, mostControls)
        .map((one, at) =>
          at % 3 === 0 ? { ...one, folds: at % 2 === 0 ? ('open' as const) : ('folded' as const) } : one,
        ),
    }))
}
