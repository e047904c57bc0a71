import { object } from 'yup'
import { readAddress } from './address'
import { readText } from './checks'
import type { FieldType } from './define'

export interface Link {
  readonly address: string
  /** What the link says; empty for the address itself. */
  readonly title: string
}

/** An address with the words that link to it. */
export const link: FieldType<'link', object, Link> = {
  name: 'link',
  title: 'Link',
  about: 'An address on this site or elsewhere.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse(input) {
    const { address, title = '' } = (
      typeof input === 'object' && input !== null ? input : {}
    ) as Partial<Link>
    const read = readAddress(address)
    if (!read.ok) return read
    if (title === '') return { ok: true, value: { address: read.value, title } }
    const words = readText(title, 200, 'one')
    return words.ok ? { ok: true, value: { address: read.value, title: words.value } } : words
  },
  read(text, settings) {
    const [, title, address] = /^\[(.*)\]\((\S+)\)$/su.exec(text.trim()) ?? []
    if (address === undefined) return link.parse({ address: text }, settings)
    return link.parse(
      { address: address.replace(/%29/g, ')'), title: title?.replace(/\\([[\]\\])/g, '$1') },
      settings,
    )
  },
  // As Markdown writes links; closing brackets are escaped so that they end nothing.
  write: ({ address, title }) =>
    title === '' ? address : `[${title.replace(/[[\]\\]/g, '\\$&')}](${address.replace(/\)/g, '%29')})`,
  format: ({ address, title }) => (title === '' ? address.replace(/^https?:\/\//, '') : title),
  filter: 'text',
  texts: ({ title, address }) => (title === '' ? [address] : [title, address]),
  sort: null,
  sortKey: null,
}

/** Whether a link leads away from the site. */
export function leadsAway({ address }: Link): boolean {
  return !/^[/#]/.test(address)
}
