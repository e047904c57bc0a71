import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../registry'
import type { Registry } from '../registry'
import type { ShapeKind } from './define'
import { grid } from './grid'
import type { GridSettings } from './grid'

/** The Shape clause: a shape's name with that shape's settings. */
export type ShapeChoice = { readonly name: 'grid' } & GridSettings
export type ShapeName = ShapeChoice['name']

/** A shape as the registry hands it out: callers pass settings of the shape's own name only. */
export type AnyShapeKind = ShapeKind<ShapeName, ShapeChoice>

/** Every shape. A new one is a file beside these, a component in site/shapes and a line here. */
export const shapes: Registry<AnyShapeKind> = registryOf('shape', [grid as unknown as AnyShapeKind])

export const defaultShape: ShapeChoice = { name: 'grid', ...grid.defaults }

/** The shape of a choice. */
export function shapeOf(choice: ShapeChoice): AnyShapeKind {
  return shapes.get(choice.name)
}

/** The clause in words. */
export function shapePhrase(choice: ShapeChoice): { readonly text: string; readonly aside: string | null } {
  return shapeOf(choice).words(choice)
}

/** Checks a Shape clause by the schema of its shape; the clause may be left out. */
export const shapeSchema = lazy((value: unknown) => {
  if (value === undefined) return mixed()
  const name = typeof value === 'object' && value !== null ? (Reflect.get(value, 'name') ?? defaultShape.name) : null
  return shapes.find(name)?.schema ?? unknownShape
}) as unknown as Schema<ShapeChoice>

const unknownShape = mixed().test('known', `A shape is one of: ${shapes.names.join(', ')}.`, () => false)
