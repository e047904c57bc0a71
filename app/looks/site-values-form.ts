import { watch } from 'vue'
import type { Ref } from 'vue'
import { parseSiteValues } from '~~/core/looks/site-values'
import type { SavedSiteValues } from '~~/core/looks/site-values'
import { faultsOf } from '~~/core/parsing'
import { useForm } from '../shared/form'
import { request } from '../shared/http'

interface SiteValuesForm<Typed extends object> {
  /** The fields as the site has them now. */
  readonly typed: () => Typed
  /** All values of the site, with what is typed. */
  readonly asked: (typed: Typed) => SavedSiteValues
  /** The field in which a value of the site is typed. */
  readonly fieldOf: (path: string) => string
  readonly saved: () => void
}

/** The form of a dialog that changes some of the named values of the site; it begins anew when that opens. */
export function useSiteValuesForm<Typed extends object>(
  open: Ref<boolean>,
  { typed, asked, fieldOf, saved }: SiteValuesForm<Typed>,
) {
  const form = useForm<Typed>(typed(), (values) =>
    faultsOf(parseSiteValues(asked(values))).map((fault) => ({ ...fault, path: fieldOf(fault.path) })),
  )
  watch(open, (isOpen) => isOpen && form.reset(typed()), { immediate: true })

  async function save(): Promise<void> {
    const sent = asked(form.values as Typed)
    const answer = await form.send(() => request<SavedSiteValues>('PUT', '/api/bench/site/values', sent))
    if (answer === null) return
    open.value = false
    saved()
  }

  return { ...form, save }
}
