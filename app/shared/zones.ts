/**
 * The time zones to choose from. Names of zones have changed over time: what is chosen stays among
 * them.
 */
export function zonesWith(chosen: string): readonly string[] {
  return [...new Set(['UTC', ...(chosen === '' ? [] : [chosen]), ...Intl.supportedValuesOf('timeZone')])]
}
