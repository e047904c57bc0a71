import { storageOf } from '../../core/content/field'
import { optionsOf, pressedAmong } from '../../core/visitors/values'
import type { ValuesControl } from '../../core/visitors/values'
import { internedKeys } from '../listings/context'
import { choiceAddress, choiceTold, keysFound } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** The choices of a field, each with what a press on it would find. */
export async function valuesContent(
  control: ValuesControl,
  chosen: readonly string[] | null,
  of: ControlsAsked,
): Promise<Loaded<'values'>> {
  const field = of.known.words.field(control.field)
  const options = field === undefined ? [] : optionsOf(field)
  const choice = chosen ?? []
  const allKeys = options.map(({ key }) => key)
  const keys = await keysOfOptions(control, of)
  const { ever, now } = await keysFound(of, control, [...keys.values()].flat(), true)
  const countIn = (counts: ReadonlyMap<number, number>, key: string) =>
    (keys.get(key) ?? []).reduce((sum, one) => sum + (counts.get(one) ?? 0), 0)
  const first = options.flatMap(({ key, title }) => {
    const isChosen = choice.includes(key)
    const count = countIn(now, key)
    if (!isChosen && (countIn(ever, key) === 0 || (count === 0 && !control.empty))) return []
    return [
      {
        id: `${of.placement}-${control.field}-${key}`,
        title,
        address: choiceAddress(of, control, pressedAmong(control, allKeys, choice, key)),
        count: control.counts ? count : null,
        isChosen,
        depth: 0,
        told: choiceTold(of, control, [key], isChosen),
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
