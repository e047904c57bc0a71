import { readTokens } from '~~/core/looks/tokens/read'
import type { SiteTokens } from '~~/core/looks/tokens/site-tokens'
import { tokensFile } from '~~/core/looks/tokens/write'

/** Gives the named values of a site to the browser to be kept, as a file of design tokens. */
export function saveTokens(tokens: SiteTokens, name: string): void {
  const text = JSON.stringify(tokensFile(tokens), null, 2)
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

/** What is named in a file of design tokens; null for a file that is no JSON. */
export async function tokensIn(file: File): Promise<SiteTokens | null> {
  const content = await file.text()
  try {
    return readTokens(JSON.parse(content)).tokens
  } catch (error) {
    if (error instanceof SyntaxError) return null
    throw error
  }
}

/** Named values with those of others in place of their own of the same names; the rest comes after them. */
export function withOthers<Named extends { readonly name: string }>(
  own: readonly Named[],
  others: readonly Named[],
): readonly Named[] {
  const known = new Set(own.map(({ name }) => name))
  return [
    ...own.map((one) => others.find(({ name }) => name === one.name) ?? one),
    ...others.filter(({ name }) => !known.has(name)),
  ]
}
