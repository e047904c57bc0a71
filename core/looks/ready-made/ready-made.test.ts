import { describe, expect, it } from 'vitest'
import { styleTargets } from '../../listing/targets'
import { states, statesOf } from '../../style/targets'
import type { State } from '../../style/targets'
import { contrastOf, readColour } from '../colour'
import type { Colour } from '../colour'
import { shownColour } from '../site-palette'
import { parseStyles, valueAt } from '../styles'
import type { Styles } from '../styles'
import { readyMadeLooks } from './index'

/** What is written on cards, and the colour that the site gives it. */
const written = {
  title: 'ink',
  summary: 'soft',
  topic: 'accent',
  date: 'soft',
  author: 'soft',
  facts: 'soft',
}

function colour(text: string): Colour {
  const read = readColour(shownColour(text))
  if (read === null) throw new Error(`${text} is no colour.`)
  return read
}

/** What a text lies on: the ground of its card, or each end of its gradient. */
function groundsOf(styles: Styles, state: State | null): readonly Colour[] {
  const as = { states: state === null ? [] : [state], width: 800 }
  const gradient = valueAt(styles, 'card', 'gradient', as)?.colours ?? []
  const ground = valueAt(styles, 'card', 'ground', as) ?? 'paper'
  return gradient.length > 0 ? gradient.map((one) => colour(one.colour)) : [colour(ground)]
}

it('are ten, each by a name of its own', () => {
  expect(readyMadeLooks.length).toBeGreaterThanOrEqual(10)
  for (const key of ['name', 'title'] as const)
    expect(new Set(readyMadeLooks.map((look) => look[key])).size).toBe(readyMadeLooks.length)
})

describe.each(readyMadeLooks)('the look “$title”', ({ styles }) => {
  it('is one that a listing may have, of things that there are, in states that they can be in', () => {
    expect(parseStyles(styles)).toEqual({ ok: true, value: styles })
    for (const { target, state } of styles) {
      const known = styleTargets.find(({ name }) => name === target)
      expect(known, target).toBeDefined()
      if (known !== undefined && state !== null) expect(statesOf(known), target).toContain(state)
    }
  })

  it.each([null, ...states])('can be read on its cards: %s', (state) => {
    for (const [target, usual] of Object.entries(written)) {
      const drawn = valueAt(styles, target, 'colour', { states: state === null ? [] : [state], width: 800 })
      for (const ground of groundsOf(styles, state))
        expect(contrastOf(colour(drawn ?? usual), ground), target).toBeGreaterThanOrEqual(4.5)
    }
  })

  it('has letters that are not too small', () => {
    for (const { set } of styles) {
      const size = set.letterSize
      if (size?.endsWith('px')) expect(Number.parseFloat(size)).toBeGreaterThanOrEqual(12)
    }
  })
})
