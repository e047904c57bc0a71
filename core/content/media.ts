/** What a stored file is. */
export const mediaKinds = ['picture', 'video', 'sound', 'captions', 'document'] as const
export type MediaKind = (typeof mediaKinds)[number]
