import { describe, expect, it } from 'vitest'
import { newListing, parseListing } from './definition'
import { inShape } from './in-shape'

const grid = newListing('Notes', 1)

describe('a listing in another shape', () => {
  it('shows pictures in their own ratios as a masonry', () => {
    const masonry = inShape(grid, 'masonry')
    expect(masonry.shape.name).toBe('masonry')
    const pictures = masonry.card.parts.filter((part) => part.part === 'picture')
    expect(pictures).not.toEqual([])
    expect(pictures.every((part) => part.ratio === 'natural')).toBe(true)
    expect(parseListing(masonry).ok).toBe(true)
  })

  it('begins tabs with one entry each', () => {
    expect(inShape(grid, 'tabs').shape).toMatchObject({ name: 'tabs', by: 'entry' })
  })

  it('keeps its card in every other', () => {
    expect(inShape(grid, 'list').card).toEqual(grid.card)
  })
})
