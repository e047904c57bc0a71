/**
 * The platform's formatters, each made once for a language and its settings: making one takes a
 * hundred times as long as using it. They hold nothing of what they format.
 */
function once<Made, Options extends object>(
  make: (locale: string, options?: Options) => Made,
): (locale: string, options?: Options) => Made {
  const known = new Map<string, Made>()
  return (locale, options) => {
    const name = `${locale} ${JSON.stringify(options)}`
    const made = known.get(name) ?? make(locale, options)
    // A site has one language; many would be many sites in one process.
    if (known.size >= mostKnown) known.clear()
    known.set(name, made)
    return made
  }
}

const mostKnown = 500

/** `Intl.DateTimeFormat` of these settings; the time zone must be among them. */
export const dateFormat = once(
  (locale: string, options?: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, options),
)
export const numberFormat = once(
  (locale: string, options?: Intl.NumberFormatOptions) => new Intl.NumberFormat(locale, options),
)
export const listFormat = once(
  (locale: string, options?: Intl.ListFormatOptions) => new Intl.ListFormat(locale, options),
)
export const relativeFormat = once(
  (locale: string, options?: Intl.RelativeTimeFormatOptions) => new Intl.RelativeTimeFormat(locale, options),
)
export const pluralRules = once(
  (locale: string, options?: Intl.PluralRulesOptions) => new Intl.PluralRules(locale, options),
)

/** A month by its number, 1 to 12: “November”. */
export function monthName(month: number, locale: string): string {
  return dateFormat(locale, { month: 'long', timeZone: 'UTC' }).format(Date.UTC(2026, month - 1, 1))
}
