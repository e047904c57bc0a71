import { database } from '../db/client'
import { PressCounter } from './press-counter'

let counter: PressCounter | undefined

/** The server's own counter of presses. */
export function pressCounter(): PressCounter {
  counter ??= new PressCounter(database())
  return counter
}
