import { number, object, string } from 'yup'
import type { Schema } from 'yup'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { ownCssSchema } from './own-css/own-css'
import type { OwnCss } from './own-css/own-css'
import { stylesSchema } from './styles'
import type { Styles } from './styles'

/** What a designer decides about a look that listings share. */
export interface LookInput {
  readonly name: string
  readonly styles: Styles
  readonly css: OwnCss
}

/** A look as it is stored. */
export interface SharedLook extends LookInput {
  readonly id: number
  /** Grows with each change: a change says which version it was made of. */
  readonly version: number
}

/** A look with what it was made of. */
export type LookChange = LookInput & Pick<SharedLook, 'version'>

const decided = {
  name: string()
    .trim('Remove the spaces at the ends of the name.')
    .required('Give the look a name.')
    .max(60, 'Keep the name within 60 characters.'),
  styles: stylesSchema,
  css: ownCssSchema.required(),
}

const inputSchema = object(decided).noUnknown().required()
const changeSchema = object({ ...decided, version: number().integer().min(1).required() })
  .noUnknown()
  .required()

/** Reads a new look. */
export function parseLookInput(input: unknown): Parsed<LookInput> {
  return parseWith<LookInput>(inputSchema as unknown as Schema<LookInput>, input)
}

/** Reads a change of a look. */
export function parseLookChange(input: unknown): Parsed<LookChange> {
  return parseWith<LookChange>(changeSchema as unknown as Schema<LookChange>, input)
}
