import { boolean } from 'yup'
import { textSchema } from '../schemas'
import { defineFitting, fittingSettings } from './define'

export interface CodeSettings {
  /** HTML with whatever scripts and styles it brings; empty until it is pasted. */
  readonly code: string
  /** What it is, for screen readers and in lists. */
  readonly title: string
  /** Whether visitors see it only after they asked for it: until then nothing of it is fetched. */
  readonly asksFirst: boolean
}

/** Code from elsewhere, which can read nothing of the site: it runs in a frame with no origin of its own. */
export const codeFitting = defineFitting<'code', CodeSettings>({
  name: 'code',
  title: 'Pasted code',
  about: 'Code from elsewhere, as of a map or a form, in a frame that keeps it apart from the site',
  defaults: { code: '', title: '', asksFirst: false },
  schema: fittingSettings('code', {
    code: textSchema().defined().max(20_000, 'Keep the code within 20,000 characters.'),
    title: textSchema().defined().max(120, 'Keep what it is within 120 characters.'),
    asksFirst: boolean().required(),
  }),
  label: ({ title }) => title,
})
