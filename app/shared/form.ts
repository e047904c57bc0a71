import { computed, reactive, ref } from 'vue'
import type { Schema } from 'yup'
import { ValidationError, object } from 'yup'
import { RequestProblem } from './http'

type Editable<Values> = { -readonly [Field in keyof Values]: Values[Field] }

/**
 * The one way forms work here: values that are edited in place, a message per field from the
 * field's own schema once it was left or sending was tried, and the server's messages beside the
 * fields they name. Nothing typed is ever lost.
 */
export function useForm<Values extends object>(initial: Values, fields: Partial<Record<keyof Values & string, Schema>>) {
  type Field = keyof Values & string
  const schema = object(fields as Record<string, Schema>)
  const values = reactive({ ...initial }) as Editable<Values>
  const saved = ref(JSON.stringify(initial))
  const left = reactive(new Set<string>())
  const refused = reactive(new Map<string, { message: string; value: unknown }>())
  const problem = ref<RequestProblem | null>(null)
  const sending = ref(false)
  const changed = computed(() => JSON.stringify(values) !== saved.value)

  function check(field: Field): string | null {
    if (fields[field] === undefined) return null
    try {
      // Through the whole object, so that a field's rule may depend on another's value.
      schema.validateSyncAt(field, values, { strict: true })
      return null
    } catch (error) {
      if (error instanceof ValidationError) return error.errors[0] ?? error.message
      throw error
    }
  }

  /** The messages of a field, for Vuetify's error-messages. */
  function faults(field: Field): string[] {
    const own = left.has(field) ? check(field) : null
    if (own !== null) return [own]
    const server = refused.get(field)
    return server !== undefined && server.value === values[field] ? [server.message] : []
  }

  function leave(field: Field): void {
    left.add(field)
  }

  /** Replaces all values, as after loading or saving. */
  function reset(next: Values): void {
    Object.assign(values, next)
    saved.value = JSON.stringify(values)
    left.clear()
    refused.clear()
    problem.value = null
  }

  /** Runs `action` when every field is right; keeps what the server refuses beside its fields. */
  async function send<T>(action: () => Promise<T>): Promise<T | null> {
    const names = Object.keys(fields) as Field[]
    names.forEach((field) => left.add(field))
    problem.value = null
    refused.clear()
    if (names.some((field) => check(field) !== null)) return null
    sending.value = true
    try {
      return await action()
    } catch (error) {
      if (!(error instanceof RequestProblem)) throw error
      problem.value = error
      for (const { path, message } of error.details.faults)
        if (path in values) refused.set(path, { message, value: values[path as Field] })
      return null
    } finally {
      sending.value = false
    }
  }

  return { values, changed, faults, leave, reset, send, sending, problem }
}
