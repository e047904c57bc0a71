import type { PictureFormat } from '../../core/pictures/picture'

/** What is asked of the program that works on pictures, and what it answers. */
export type PictureJob =
  | { readonly do: 'take'; readonly bytes: Uint8Array; readonly isDrawing: boolean }
  | {
      readonly do: 'make'
      readonly bytes: Uint8Array
      readonly isDrawing: boolean
      readonly moves: boolean
      readonly width: number
      readonly format: PictureFormat
    }

/** A picture that is taken: made safe, and measured. */
export interface TakenPicture {
  readonly bytes: Buffer
  readonly width: number
  readonly height: number
  readonly tint: string
  readonly moves: boolean
}

export type JobAnswer =
  | { readonly taken: TakenPicture }
  | { readonly made: Uint8Array }
  /** Why the picture is not taken. */
  | { readonly fault: string }
