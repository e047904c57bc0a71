import { database } from '../db/client'
import { ReadCounter } from './read-counter'

let counter: ReadCounter | undefined

/** The server's own counter of reads. */
export function readCounter(): ReadCounter {
  counter ??= new ReadCounter(database())
  return counter
}
