import { asksOf } from '../../core/visitors/choices'
import { storageOf } from '../../core/content/field'
import { optionsOf, pressedValue } from '../../core/visitors/values'
import type { ValuesControl } from '../../core/visitors/values'
import { internedKeys, siteAsked } from '../listings/context'
import { choiceAddress } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** The choices of a field, each with what a press on it would find. */
export async function valuesContent(
  control: ValuesControl,
  chosen: readonly string[] | null,
  of: ControlsAsked,
): Promise<Loaded<'values'>> {
  const { asker, listing, asked, above, choices, known } = of
  const field = known.words.field(control.field)
  const options = field === undefined ? [] : optionsOf(field)
  const choice = chosen ?? []
  const keys = await keysOfOptions(control, of)
  const all = [...keys.values()].flat()
  // Choices of one field add to each other: they are counted as if none were chosen.
  const others = asksOf(choices.chosen, siteAsked(known, listing), control)
  const [ever, now] = await Promise.all([
    asker.counted(listing, asked, above, all),
    others.length === 0 ? null : asker.counted(listing, asked, above, all, others),
  ])
  const countIn = (counts: ReadonlyMap<number, number>, key: string) =>
    (keys.get(key) ?? []).reduce((sum, one) => sum + (counts.get(one) ?? 0), 0)
  const first = options.flatMap(({ key, title }) => {
    const isChosen = choice.includes(key)
    const count = countIn(now ?? ever, key)
    if (!isChosen && (countIn(ever, key) === 0 || (count === 0 && !control.empty))) return []
    return [
      {
        id: `${of.placement}-${control.field}-${key}`,
        title,
        address: choiceAddress(of, control, pressedValue(control, options, choice, key)),
        count: control.counts ? count : null,
        isChosen,
        depth: 0,
      },
    ]
  })
  const none = { title: control.all, address: choiceAddress(of, control, null), isChosen: chosen === null }
  return {
    content: {
      layout: control.layout,
      several: control.choose !== 'one',
      all: control.all === '' ? null : none,
      first,
      others: [],
    },
    inSight: first.length,
  }
}

/** The numbers of each choice in the index: one for each collection of the listing that has the field. */
async function keysOfOptions(
  { field: id }: ValuesControl,
  { db, known, listing }: ControlsAsked,
): Promise<ReadonlyMap<string, readonly number[]>> {
  const field = known.words.field(id)
  if (field === undefined) return new Map()
  const stored = listing.from.collections.flatMap((collection) => {
    const own = collection === field.collectionId ? field : known.words.sameField(field, collection)
    return own === undefined ? [] : [storageOf(own)]
  })
  const options = optionsOf(field).map(({ key }) => key)
  const wanted = stored.flatMap((one) => options.map((value) => ({ field: one, value })))
  const keyOf = await internedKeys(db, wanted)
  return new Map(options.map((value) => [value, stored.flatMap((one) => keyOf(one, value) ?? [])]))
}
