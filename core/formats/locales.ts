/** The languages that a site can be in, by their tags (BCP 47): those whose dates and numbers are known. */
export const siteLocales: readonly string[] = [
  'ar bg bn ca cs cy da de de-AT de-CH el en-AU en-CA en-GB en-IE en-IN en-NZ en-US en-ZA es es-MX et eu fa fi',
  'fil fr fr-BE fr-CA fr-CH ga gl he hi hr hu id is it it-CH ja ko lt lv mk ms mt nb nl nl-BE nn pl pt-BR pt-PT',
  'ro ru sk sl sq sr sv sw ta th tr uk ur vi zh-Hans zh-Hant',
].flatMap((line) => line.split(' '))

/** Whether a site can be in the language of that tag. */
export function isSiteLocale(tag: string): boolean {
  return siteLocales.includes(tag)
}
