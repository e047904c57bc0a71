import { describe, expect, it } from 'vitest'
import { pixelsOf } from '../length-pixels'
import { siteScales } from '../site-scales'
import { styleTargets } from '../../listing/targets'
import { states, statesOf } from '../../style/targets'
import type { State } from '../../style/targets'
import { contrastOf, readColour } from '../colour'
import type { Colour } from '../colour'
import { shownColour, sitePalette } from '../site-palette'
import type { ColourSet } from '../site-palette'
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

function colour(text: string, set: ColourSet): Colour {
  const read = readColour(shownColour(text, sitePalette, set))
  if (read === null) throw new Error(`${text} is no colour.`)
  return read
}

/** What a text lies on: the ground of its card, or each end of its gradient. */
function groundsOf(styles: Styles, state: State | null, set: ColourSet): readonly Colour[] {
  const as = { states: state === null ? [] : [state], width: 800 }
  const gradient = valueAt(styles, 'card', 'gradient', as)?.colours ?? []
  const ground = valueAt(styles, 'card', 'ground', as) ?? 'paper'
  return gradient.length > 0 ? gradient.map((one) => colour(one.colour, set)) : [colour(ground, set)]
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

  const onPages = (['light', 'dark'] as const).flatMap((page) =>
    [null, ...states].map((state) => ({ page, state })),
  )
  it.each(onPages)('can be read on its cards, on $page pages: $state', ({ page, state }) => {
    const as = { states: state === null ? [] : [state], width: 800 }
    const set = valueAt(styles, 'card', 'scheme', as) ?? page
    for (const [target, usual] of Object.entries(written)) {
      const drawn = valueAt(styles, target, 'colour', as)
      for (const ground of groundsOf(styles, state, set))
        expect(contrastOf(colour(drawn ?? usual, set), ground), target).toBeGreaterThanOrEqual(4.5)
    }
  })

  it('has letters that are not too small', () => {
    for (const { set } of styles) {
      const size = set.letterSize === undefined ? null : pixelsOf(set.letterSize, siteScales.letterSizes)
      if (size !== null) expect(size).toBeGreaterThanOrEqual(12)
    }
  })
})
