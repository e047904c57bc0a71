import type { Note } from '../note'
import { neighbourNotes } from './neighbours'
import { orchardNotes } from './orchard'
import { seedNotes } from './seed'
import { soilNotes } from './soil'
import { wildlifeNotes } from './wildlife'
import { workshopNotes } from './workshop'

/** Every field note of the demo site, by subject. */
export const fieldNotes: readonly Note[] = [
  ...soilNotes,
  ...seedNotes,
  ...orchardNotes,
  ...wildlifeNotes,
  ...workshopNotes,
  ...neighbourNotes,
]
