import { computed, nextTick, reactive, ref, shallowRef } from 'vue'
import type { Fault } from '~~/core/parsing'
import { RequestProblem } from './http'

type Editable<Values> = { -readonly [Field in keyof Values]: Values[Field] }

/**
 * The one way forms work here: values that are edited in place; a message per field from the core's
 * own check once the field was left or sending was tried; and the server's messages beside the
 * fields they name. Fields are named by path, `title` or `values.12`. Nothing typed is ever lost.
 */
export function useForm<Values extends object>(initial: Values, check: (values: Values) => readonly Fault[]) {
  const values = reactive({ ...initial }) as Editable<Values>
  const saved = ref(JSON.stringify(initial))
  const left = reactive(new Set<string>())
  const tried = ref(false)
  const refused = reactive(new Map<string, { message: string; value: string }>())
  const problem = ref<RequestProblem | null>(null)
  const sending = ref(false)
  const changed = computed(() => JSON.stringify(values) !== saved.value)
  /** What is sent beside what is typed, as publishing sends another state: checked with it. */
  const sentToo = shallowRef<Partial<Values>>({})
  const found = computed(() => check({ ...(values as Values), ...sentToo.value }))

  /** The messages of a field and of what lies in it, for Vuetify's error-messages. */
  function faults(path: string): string[] {
    const shown = tried.value || left.has(path)
    const own = shown ? found.value.find((fault) => isWithin(fault.path, path)) : undefined
    if (own !== undefined) return [own.message]
    const server = [...refused].find(([at]) => isWithin(at, path))?.[1]
    return server !== undefined && server.value === textAt(values, path) ? [server.message] : []
  }

  function leave(path: string): void {
    left.add(path)
  }

  /** Replaces all values, as after loading or saving. */
  function reset(next: Values): void {
    Object.assign(values, next)
    saved.value = JSON.stringify(values)
    left.clear()
    tried.value = false
    refused.clear()
    problem.value = null
  }

  /**
   * Takes over what came of saving `sent`: where nothing else was typed meanwhile, the answer's; what
   * was stays, and is not saved yet.
   */
  function settle(sent: Values, answered: Values): void {
    const typed = settled(values, sent, answered)
    reset(answered)
    Object.assign(values, typed)
  }

  /**
   * Runs `action` when every field is right, with what is `too` sent beside them; keeps what the
   * server refuses beside its fields.
   */
  async function send<T>(action: () => Promise<T>, too: Partial<Values> = {}): Promise<T | null> {
    sentToo.value = too
    tried.value = true
    problem.value = null
    refused.clear()
    if (found.value.length > 0) {
      void showFirstFault()
      return null
    }
    sending.value = true
    try {
      return await action()
    } catch (error) {
      if (!(error instanceof RequestProblem)) throw error
      problem.value = error
      for (const { path, message } of error.details.faults)
        refused.set(path, { message, value: textAt(values, path) })
      void showFirstFault()
      return null
    } finally {
      sending.value = false
    }
  }

  return { values, changed, faults, leave, reset, settle, send, sending, problem, tried }
}

/** The values of fields that hold others, by their own: a field of an entry changes by itself. */
function settled<Values extends object>(typed: object, sent: Values, answered: Values): Values {
  const entries = Object.entries(answered).map(([key, answer]: [string, unknown]) => {
    const [now, before]: unknown[] = [Reflect.get(typed, key), Reflect.get(sent, key)]
    if (JSON.stringify(now) === JSON.stringify(before)) return [key, answer]
    return [key, isRecord(now) && isRecord(before) && isRecord(answer) ? settled(now, before, answer) : now]
  })
  return Object.fromEntries(entries) as Values
}

function isRecord(value: unknown): value is object {
  return typeof value === 'object' && value !== null && !Array.isArray(value) && !('type' in value)
}

/** Brings the first field that is wrong into sight, and the typing into it. */
async function showFirstFault(): Promise<void> {
  await nextTick()
  const first = document.querySelector<HTMLElement>('.v-input--error, [data-fault]')
  first?.scrollIntoView({ block: 'center' })
  first?.querySelector<HTMLElement>('input, textarea')?.focus({ preventScroll: true })
}

/** `values.12.latitude` lies within `values.12`. */
function isWithin(path: string, field: string): boolean {
  return path === field || path.startsWith(`${field}.`) || path.startsWith(`${field}[`)
}

/** What stands at a path now, as text, for telling whether it was changed since it was refused. */
function textAt(values: object, path: string): string {
  const [first = '', second] = path.split(/[.[]/)
  const outer: unknown = Reflect.get(values, first)
  const inner: unknown =
    second !== undefined && typeof outer === 'object' && outer !== null
      ? Reflect.get(outer, second)
      : undefined
  return JSON.stringify(inner === undefined ? outer : inner) ?? ''
}
