import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fieldPlace, keepsPromises, messageOf, plainText } from '~~/tests/support/field-promises'
import { readAddress } from './address'
import { leadsAway, link } from './link'

const addresses = fc.oneof(
  fc.webUrl({ withQueryParameters: true, withFragments: true }),
  fc.constantFrom('/field-notes', '#main', 'mailto:ink@sorrelhill.example', 'tel:+441632960001'),
)
keepsPromises(
  link,
  fc.record({
    settings: fc.constant({}),
    value: fc.record({ address: addresses, title: fc.oneof(fc.constant(''), plainText) }),
  }),
)

describe('a link', () => {
  // OWASP, Cross Site Scripting Prevention Cheat Sheet: schemes that run script must not reach an href.
  it.each([
    'javascript:alert(1)',
    'JaVaScRiPt:alert(1)',
    'java\tscript:alert(1)',
    '\u0001javascript:alert(1)',
    'data:text/html,<script>1</script>',
    'vbscript:x',
    '//elsewhere.example',
    '\\\\elsewhere.example',
    'file:///etc/passwd',
    '/\\elsewhere.example',
  ])('never leads to %s', (address) => {
    expect(readAddress(address).ok).toBe(false)
  })

  it('adds https where no scheme is given, and takes paths of the site', () => {
    expect(readAddress('example.org/a?b#c')).toEqual({ ok: true, value: 'https://example.org/a?b#c' })
    expect(readAddress('example.org:8080/a')).toEqual({ ok: true, value: 'https://example.org:8080/a' })
    expect(readAddress('/field-notes')).toEqual({ ok: true, value: '/field-notes' })
  })

  it('tells what leads away', () => {
    expect(leadsAway({ address: '/orchard', title: '' })).toBe(false)
    expect(leadsAway({ address: 'https://example.org', title: '' })).toBe(true)
  })

  it.each(['', 'not an address', 'http://', 'soon'])('refuses “%s”', (address) => {
    expect(messageOf(link.parse({ address, title: '' }, {}))).toMatch(/\.$/)
  })

  it('says its title, or the address without its scheme', () => {
    expect(link.format({ address: 'https://example.org/a', title: '' }, {}, fieldPlace)).toBe('example.org/a')
    expect(link.format({ address: '/a', title: 'The shed' }, {}, fieldPlace)).toBe('The shed')
  })
})
