import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { usualColours } from '../../core/cards/usual-colours'

const css = ['text', 'facts'].map((name) =>
  readFileSync(new URL(`parts/${name}.css`, import.meta.url), 'utf8'),
)

it.each(Object.entries(usualColours))(
  'writes %s in the colour that checks take it to have',
  (found, colour) => {
    const rules = css.flatMap((text) =>
      Array.from(text.matchAll(/^(\.[\w-]+) \{([^}]*)\}/gm), ([, selector, body = '']) => ({
        selector,
        body,
      })),
    )
    const stated = rules
      .filter(({ selector }) => selector === found)
      .flatMap(({ body }) => /(?:^|\s)color: var\(--([a-z]+)\)/.exec(body)?.[1] ?? [])
    expect(stated).toEqual(colour === null ? [] : [colour])
  },
)
