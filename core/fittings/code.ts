import { boolean, number } from 'yup'
import { textSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export interface CodeSettings {
  /** HTML with whatever scripts and styles it brings; empty until it is pasted. */
  readonly code: string
  /** What it is, for screen readers and in lists. */
  readonly title: string
  /** Whether visitors see it only after they asked for it: until then nothing of it is fetched. */
  readonly asksFirst: boolean
  /** The height kept for it until it says its own, in CSS pixels; `usualRoom` where it is not told. */
  readonly room?: number
}

/** Enough for a form or a small map. CSS pixels. */
export const usualRoom = 320
export const mostRoom = 2000

/** Code from elsewhere, which can read nothing of the site: it runs in a frame with no origin of its own. */
export const codeFitting = defineFitting<'code', CodeSettings>({
  name: 'code',
  title: 'Pasted code',
  about: 'Code from elsewhere, as of a map or a form, in a frame that keeps it apart from the site',
  defaults: { code: '', title: '', asksFirst: false },
  styled: [
    { name: 'code-frame', title: 'Frame', selector: 'iframe.code' },
    { name: 'code-ask', title: 'Way to it', selector: '.code-ask summary', isPressed: true },
  ],
  schema: fittingSettings('code', {
    code: textSchema().defined().max(20_000, 'Keep the code within 20,000 characters.'),
    title: textSchema().defined().max(120, 'Keep what it is within 120 characters.'),
    asksFirst: boolean().required(),
    room: number()
      .integer()
      .min(20, 'Keep at least 20 px for it.')
      .max(mostRoom, 'Keep at most 2,000 px for it.')
      .optional()
      .default(undefined),
  }),
  label: ({ title }) => title,
})
