import { array, boolean } from 'yup'
import { idOrNoneSchema, idSchema } from '../schemas'
import { shapeTargets } from '../shapes/targets'
import { defineFitting, fittingSettings } from './define'

export interface SmallCalendarSettings {
  /** Whose dates: the id of a collection, or null until one is chosen. */
  readonly collection: number | null
  /** Only what has any of these terms; none for all of it. */
  readonly terms: readonly number[]
  readonly weekNumbers: boolean
}

/** A month of marks with what happens below it, as narrow as a side area. */
export const smallCalendar = defineFitting<'calendar', SmallCalendarSettings>({
  name: 'calendar',
  title: 'Small calendar',
  about: 'A month with marks on its days, and below it what happens',
  defaults: { collection: null, terms: [], weekNumbers: false },
  styled: shapeTargets.calendar,
  begun: ({ collections }) => ({ collection: collections[0] ?? null }),
  schema: fittingSettings('calendar', {
    collection: idOrNoneSchema(),
    terms: array(idSchema().required()).max(200, 'Choose at most 200 terms.').required(),
    weekNumbers: boolean().required(),
  }),
  showsEntries: true,
  turns: true,
})
