import { shallowRef } from 'vue'
import type { Looking } from '~~/core/listing/look'
import type { listingOwnCss } from '~~/core/listing/own-css'
import type { OwnCss } from '~~/core/looks/own-css/own-css'
import { fetched } from '../fetched-later'

/** What reads own CSS knows all of CSS, which is large: it is fetched where somebody has written some. */
const reader = shallowRef<typeof listingOwnCss | null>(null)
let coming: Promise<typeof listingOwnCss> | null = null

function read(): Promise<typeof listingOwnCss> {
  coming ??= fetched(() => import('~~/core/listing/own-css')).then((part) => {
    reader.value = part.listingOwnCss
    return part.listingOwnCss
  })
  return coming
}

/** The style sheet of the rules that designers wrote for a listing and for its shared look. */
export async function ownCssOf(listing: Looking, shared: OwnCss, scope: string): Promise<string> {
  return isWritten(listing.look.css) || isWritten(shared) ? (await read())(listing, shared, scope) : ''
}

/** The same for what is shown: nothing until it can be read. */
export function shownOwnCss(listing: Looking, shared: OwnCss, scope: string): string {
  if (!isWritten(listing.look.css) && !isWritten(shared)) return ''
  if (reader.value === null) void read()
  return reader.value?.(listing, shared, scope) ?? ''
}

function isWritten({ text, isOn }: OwnCss): boolean {
  return isOn && text.trim() !== ''
}
