import { parts } from '../cards/parts'
import type { PartName, PartSetting } from '../cards/parts'
import type { Zone } from '../cards/parts/define'

/** What an entry's page can begin with: all of it, or what one of several areas has of it. */
export const entryLayoutNames = ['whole', 'head', 'text', 'facts'] as const
export type EntryLayoutName = (typeof entryLayoutNames)[number]

const head: readonly PartSetting[] = [
  { part: 'topic', on: true, facet: null, most: 12, linked: true, zone: 'above' },
  { part: 'title', on: true, level: 1, zone: 'above' },
  { part: 'summary', on: true, words: 200, zone: 'above' },
  { part: 'facts', on: true, facts: ['author', 'date'], separator: '·', zone: 'above' },
  { part: 'picture', on: true, ratio: 'natural', hover: 'none', placeholder: 'none' },
]

function plain(name: PartName, zone?: Zone): PartSetting {
  return { ...parts.get(name).defaults, on: true, ...(zone === undefined ? {} : { zone }) }
}

/** Parts to begin with, by the layout's name. */
export const entryLayouts: Readonly<Record<EntryLayoutName, readonly PartSetting[]>> = {
  whole: [
    ...head,
    plain('calendar-file'),
    plain('film'),
    plain('all-fields'),
    plain('files'),
    plain('whole-text'),
    plain('gallery'),
    plain('way-back', 'foot'),
  ],
  head,
  text: [plain('whole-text'), plain('gallery')],
  facts: [plain('calendar-file'), plain('all-fields'), plain('files')],
}
