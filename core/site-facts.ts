import { number, object, string } from 'yup'
import { isSiteLocale } from './formats/locales'
import { wordsPerMinute } from './formats/reading-time'
import { parseWith } from './parsing'
import type { Parsed } from './parsing'
import { idOrNoneSchema, textSchema, versionSchema } from './schemas'
import { isZone } from './time/zones'

/** What a site says of itself, and what its dates, numbers and times go by. */
export interface SiteFacts {
  readonly name: string
  readonly tagline: string
  /** Where visitors reach it, as `https://example.org`; empty where that is not known. */
  readonly address: string
  /** BCP 47 language tag. */
  readonly locale: string
  /** IANA time zone. */
  readonly zone: string
  /** How fast its visitors read, in words a minute. */
  readonly readingPace: number
  /** A picture of the media; null for the mark that comes with Bushel. */
  readonly iconId: number | null
}

/** Facts as somebody saves them, with the version that they had seen. */
export interface SavedSiteFacts extends SiteFacts {
  readonly version: number
}

export const noFacts: SavedSiteFacts = {
  name: '',
  tagline: '',
  address: '',
  locale: 'en-GB',
  zone: 'UTC',
  readingPace: wordsPerMinute,
  iconId: null,
  version: 1,
}

export const [slowest, fastest] = [50, 1000]
const pace = `Use a whole number from ${slowest} to ${fastest}.`

const schema = object({
  version: versionSchema().required(),
  name: textSchema().trim().required('Give the site a name.').max(80, 'Keep the name within 80 characters.'),
  tagline: textSchema().defined().trim().max(200, 'Keep it within 200 characters.'),
  address: string()
    .defined()
    .max(200, 'Keep the address within 200 characters.')
    .test('origin', 'Type it as in “https://example.org”, with nothing after the name.', isOrigin),
  locale: string()
    .required('Choose a language.')
    .test('locale', 'Choose one of the languages.', (value) => value === undefined || isSiteLocale(value)),
  zone: string()
    .required('Choose a time zone.')
    .test('zone', 'Choose one of the time zones.', (value) => value === undefined || isZone(value)),
  readingPace: number().typeError(pace).integer(pace).min(slowest, pace).max(fastest, pace).required(pace),
  iconId: idOrNoneSchema(),
})
  .noUnknown('This is not said of a site: ${unknown}.')
  .required()

/** Whether it is nothing, or the origin of a website (URL Standard, section 4.7) as that is written. */
function isOrigin(text: string): boolean {
  if (text === '') return true
  return /^https?:\/\//.test(text) && URL.canParse(text) && new URL(text).origin === text
}

/** Reads what somebody wants a site to say of itself. */
export function parseSiteFacts(value: unknown): Parsed<SavedSiteFacts> {
  return parseWith<SavedSiteFacts>(schema, value)
}
