import { number, object, string } from 'yup'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'

/** What a stored file is. */
export const mediaKinds = ['picture', 'video', 'sound', 'captions', 'document'] as const
export type MediaKind = (typeof mediaKinds)[number]

/** A kind of file that is taken: its type, what it counts as, and the ending it is served under. */
export interface MediaType {
  readonly type: string
  readonly kind: MediaKind
  readonly ending: string
}

/** Every type that is taken, told by content. */
export const mediaTypes: readonly MediaType[] = [
  { type: 'image/png', kind: 'picture', ending: 'png' },
  { type: 'image/jpeg', kind: 'picture', ending: 'jpg' },
  { type: 'image/webp', kind: 'picture', ending: 'webp' },
  { type: 'image/avif', kind: 'picture', ending: 'avif' },
  { type: 'image/gif', kind: 'picture', ending: 'gif' },
  { type: 'image/svg+xml', kind: 'picture', ending: 'svg' },
  { type: 'video/mp4', kind: 'video', ending: 'mp4' },
  { type: 'video/webm', kind: 'video', ending: 'webm' },
  { type: 'audio/mpeg', kind: 'sound', ending: 'mp3' },
  { type: 'audio/ogg', kind: 'sound', ending: 'ogg' },
  { type: 'audio/wav', kind: 'sound', ending: 'wav' },
  { type: 'text/vtt', kind: 'captions', ending: 'vtt' },
  { type: 'application/pdf', kind: 'document', ending: 'pdf' },
]

/** Bytes at most, by kind. */
export const largestMedia: Readonly<Record<MediaKind, number>> = {
  picture: 40_000_000,
  video: 200_000_000,
  sound: 100_000_000,
  captions: 1_000_000,
  document: 50_000_000,
}

/** The address of a stored file as it was brought in; of what is no picture. */
export function fileAddress(media: { readonly hash: string; readonly type: string }): string {
  const ending = mediaTypes.find((one) => one.type === media.type)?.ending ?? 'bin'
  return `/media/${media.hash}/original.${ending}`
}

/** What people say about a stored file. */
export interface MediaInput {
  readonly fileName: string
  /** What a picture shows, for those who don't see it. Empty for one that only decorates. */
  readonly alternative: string
  readonly credit: string
  /** The point that cropping keeps, 0 to 1 from the left and from the top. */
  readonly focalX: number
  readonly focalY: number
}

const share = () =>
  number()
    .min(0, 'The point lies outside the picture.')
    .max(1, 'The point lies outside the picture.')
    .required()

const schema = object({
  fileName: string()
    .trim()
    .required('Give the file a name.')
    .max(200, 'Keep the name within 200 characters.'),
  alternative: string().defined().max(400, 'Keep the description within 400 characters.'),
  credit: string().defined().max(200, 'Keep the credit within 200 characters.'),
  focalX: share(),
  focalY: share(),
})
  .noUnknown()
  .required()

/** Reads what people say about a file. Faults carry the name of the field. */
export function parseMediaInput(input: unknown): Parsed<MediaInput> {
  return parseWith(schema, input)
}
