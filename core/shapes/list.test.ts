import { describe, expect, it } from 'vitest'
import { cssOf } from '../style/rules'
import { list } from './list'

const [narrow, wide] = list.defaults.stops

describe('a list', () => {
  it('says where its pictures are, and nothing of them where its cards carry none', () => {
    expect(list.words(list.defaults, { carriesPicture: true }).text).toBe('a list, picture before the text')
    expect(list.words(list.defaults, { carriesPicture: false })).toEqual({ text: 'a list', aside: null })
  })

  it('keeps no room for a picture on a card that carries none, wherever others have theirs', () => {
    const bare = '.l>li>.card:not(:has(>.card-picture))'
    const rule = (settings: typeof list.defaults) => {
      const css = cssOf(list.styles(settings, '.l'))
      return css.slice(css.indexOf(`${bare}{`)).split('}')[0] ?? ''
    }
    for (const picture of ['start', 'end', 'behind', 'edge'] as const) {
      const stops = [narrow, wide].flatMap((stop) => (stop === undefined ? [] : [{ ...stop, picture }]))
      const own = rule({ ...list.defaults, stops })
      expect(own).toContain('minmax(0,1fr)')
      expect(own).not.toContain('picture ')
      expect(own).not.toContain('%')
    }
    const above = narrow === undefined ? [] : [{ ...narrow, picture: 'above' as const }]
    expect(cssOf(list.styles({ ...list.defaults, stops: above }, '.l'))).not.toContain(':has(')
  })
})
