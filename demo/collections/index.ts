import type { DemoCollection } from '../content/item'
import { gardensWeMade } from './gardens-we-made'
import { growersWords } from './growers-words'
import { lessonsCollection } from './lessons'
import { longSwap } from './long-swap'
import { ourYears } from './our-years'
import { plotsCollection } from './plots'
import { seedShelf } from './seed-shelf'
import { swapDays } from './swap-days'

/** The collections of the demo beside the field notes. One that others refer to stands before them. */
export const demoCollections: readonly DemoCollection[] = [
  seedShelf,
  plotsCollection,
  gardensWeMade,
  swapDays,
  growersWords,
  lessonsCollection,
  ourYears,
  longSwap,
]
