import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { sitePalette } from '../../core/looks/site-palette'

it('has the colours that looks are offered', () => {
  const [root = ''] = readFileSync(new URL('base.css', import.meta.url), 'utf8').match(/:root \{.*?\}/s) ?? []
  const stated = Array.from(root.matchAll(/--([a-z]+): (#[\da-f]{6});/g), ([, name, light]) => ({
    name,
    light,
  }))
  expect(stated).toEqual(sitePalette.map(({ name, light }) => ({ name, light })))
})
