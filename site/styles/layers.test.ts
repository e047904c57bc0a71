import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { layers } from '../../core/style/rules'

const [order, ...imports] = readFileSync(new URL('index.css', import.meta.url), 'utf8')
  .trim()
  .split('\n')

it('puts the styles of every page below those of looks and listings', () => {
  expect(order).toBe(`@layer ${layers.join(', ')};`)
  const outside = imports.filter((one) => !/^@import '[^']+' layer\(site\);$/.test(one))
  // Fonts are no rules of any layer.
  expect(outside).toEqual(["@import 'bushel:fonts';"])
})
