import type { Field } from '~~/core/content/field'

/**
 * What every input of a field is given. It emits `change` with the value as it stands, right or
 * not, and `leave`.
 */
export interface FieldInputProps {
  readonly field: Field
  readonly value: unknown
  readonly faults: string[]
}

/** The label of a field, marked where it is needed to publish. */
export function labelOf(field: Field): string {
  return field.required ? `${field.name} *` : field.name
}
