import { array, lazy, mixed, object, string } from 'yup'
import type { Schema } from 'yup'
import { cardSchema, defaultCard, repeatedPart } from '../cards/card'
import type { Card } from '../cards/card'
import { newShape, shapeOf, shapes, shapeSchema } from '../shapes'
import type { ShapeChoice } from '../shapes'
import { textSchema } from '../schemas'
import { defineControl } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { slugsOfNames } from './slugs'
import { menuTarget, waysTarget } from './ways'

export const viewLayouts = ['bar', 'tabs', 'menu'] as const

/** Another way in which a listing is laid out: its shape, and what its cards carry. */
export interface OfferedView {
  /** What visitors read; empty for the name of the shape. */
  readonly name: string
  readonly shape: ShapeChoice
  /** Null for the listing’s own cards. */
  readonly card: Card | null
}

/** Choosing how a listing is laid out: as small pictures, as a list, in detail. */
export interface ViewsControl extends Labelled {
  readonly control: 'views'
  readonly layout: (typeof viewLayouts)[number]
  /** What the listing’s own way is called; empty for the name of its shape. */
  readonly own: string
  /** The others, 1 to 5. */
  readonly views: readonly OfferedView[]
}

export const newViewsControl: ViewsControl = {
  control: 'views',
  ...usualLabel,
  layout: 'bar',
  own: '',
  views: [{ name: '', shape: newShape('list'), card: null }],
}

export const mostViews = 5

const nameSchema = () => textSchema().defined().max(40, 'Keep these words within 40 characters.')

const wholeCardSchema = cardSchema
  .required('Say what its cards carry, or take the listing’s own.')
  .test('whole', 'Say everything that can be set of the card.', (card) => lacksNothing(card, defaultCard))
  .test('once', 'A card has each part once. Remove the other.', (card) => repeatedPart(card as Card) === null)

/** Views are kept whole: what one leaves out would be nobody’s. */
const lacksNothing = (value: object, defaults: object) => Object.keys(defaults).every((key) => key in value)

const partial = mixed().test(
  'whole',
  'Say how this view is laid out, with everything that can be set of its shape.',
  () => false,
)

const viewSchema = object({
  name: nameSchema(),
  shape: lazy((value: unknown) => (isWholeShape(value) ? shapeSchema : partial)),
  card: lazy((value: unknown) => (value === null ? mixed().nullable() : wholeCardSchema)),
})
  .noUnknown()
  .required() as unknown as Schema<OfferedView>

/** Whether nothing that can be set of its shape is left out; whether the rest is right is the shape's to say. */
function isWholeShape(value: unknown): boolean {
  const name: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'name') : undefined
  const shape = shapes.find(name)
  return value instanceof Object && (shape === undefined || lacksNothing(value, shape.defaults))
}

export const viewsControl = defineControl<'views', ViewsControl, number>({
  name: 'views',
  title: 'View',
  does: 'change the view',
  schema: object({
    control: string<'views'>().oneOf(['views']).required(),
    ...labelledSchema,
    layout: string().oneOf(viewLayouts, 'Views stand in a bar, as tabs, or in a menu.').required(),
    own: nameSchema(),
    views: array(viewSchema)
      .min(1, 'Offer at least one other view.')
      .max(mostViews, `Offer at most ${mostViews} other views.`)
      .required(),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget, menuTarget],
  label: ({ label }) => label || 'View',
  of: () => '',
  parameter: () => 'as',
  read(control, text) {
    const at = slugsOf(control).indexOf(text)
    return at === -1 ? { choice: null, unknown: [text] } : { choice: at, unknown: [] }
  },
  write: (control, choice) => slugsOf(control)[choice] ?? '',
  changes({ views }, choice, shown) {
    const view = views[choice]
    return view === undefined ? shown : { ...shown, shape: view.shape, card: view.card ?? shown.card }
  },
  told: () => [],
})

/** What visitors read of a view. */
export function viewName({ name, shape }: Pick<OfferedView, 'name' | 'shape'>): string {
  return name || shapeOf(shape).title
}

function slugsOf({ views }: ViewsControl): readonly string[] {
  return slugsOfNames(views.map(viewName), 'view')
}
