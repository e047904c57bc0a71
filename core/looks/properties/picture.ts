import { object } from 'yup'
import { px } from '../../style/rules'
import { defineProperty } from './define'
import { wholeSchema } from './values'

/**
 * How pictures are changed (Filter Effects 1, 7): in percent, 100 as they are; `grey` and `sepia` 0 as they
 * are; `turn` of colours in degrees; `blur` in CSS pixels.
 */
export interface Filter {
  readonly brightness: number
  readonly contrast: number
  readonly colourful: number
  readonly grey: number
  readonly sepia: number
  readonly turn: number
  readonly blur: number
}

/** A picture as it is. */
export const noFilter: Filter = {
  brightness: 100,
  contrast: 100,
  colourful: 100,
  grey: 0,
  sepia: 0,
  turn: 0,
  blur: 0,
}

const functions = [
  { name: 'brightness', css: (value: number) => `brightness(${value}%)` },
  { name: 'contrast', css: (value: number) => `contrast(${value}%)` },
  { name: 'colourful', css: (value: number) => `saturate(${value}%)` },
  { name: 'grey', css: (value: number) => `grayscale(${value}%)` },
  { name: 'sepia', css: (value: number) => `sepia(${value}%)` },
  { name: 'turn', css: (value: number) => `hue-rotate(${value}deg)` },
  { name: 'blur', css: (value: number) => `blur(${px(value)})` },
] as const

export const picture = [
  defineProperty<'filter', Filter>({
    name: 'filter',
    title: 'Filter',
    heading: 'picture',
    value: { kind: 'filter' },
    schema: object({
      brightness: wholeSchema(0, 300).required(),
      contrast: wholeSchema(0, 300).required(),
      colourful: wholeSchema(0, 300).required(),
      grey: wholeSchema(0, 100).required(),
      sepia: wholeSchema(0, 100).required(),
      turn: wholeSchema(-180, 180).required(),
      blur: wholeSchema(0, 40).required(),
    }).noUnknown(),
    css: (filter) => {
      const changed = functions.filter(({ name }) => filter[name] !== noFilter[name])
      return {
        filter: changed.length === 0 ? 'none' : changed.map(({ name, css }) => css(filter[name])).join(' '),
      }
    },
  }),
] as const
