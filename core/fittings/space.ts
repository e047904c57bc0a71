import { number } from 'yup'
import { defineFitting, fittingSettings } from './define'

export interface SpaceSettings {
  /** CSS pixels, 8 to 240. */
  readonly height: number
}

const range = 'A space is 8 to 240 pixels high.'

/** Room between one thing and the next. */
export const space = defineFitting<'space', SpaceSettings>({
  name: 'space',
  title: 'Space',
  about: 'Room between one thing and the next',
  defaults: { height: 48 },
  styled: [],
  schema: fittingSettings('space', {
    height: number().integer(range).min(8, range).max(240, range).required(),
  }),
})
