/** Says a range as addresses say it, which a form can only say in parts. */
function joinParts(asked: URLSearchParams, name: string | undefined, between = '-'): void {
  if (name === undefined) return
  const parts = ['from', 'to'].map((part) => asked.get(`${name}-${part}`) ?? '')
  for (const part of ['from', 'to']) asked.delete(`${name}-${part}`)
  if (parts.some((one) => one !== '')) asked.set(name, parts.join(between))
}

/** What a form of visitors' controls asks, as addresses say it: nothing of what is left empty, or open, in it. */
export function askedBy(form: HTMLFormElement): string {
  const asked = new URLSearchParams()
  for (const [name, value] of new FormData(form)) if (value !== '') asked.set(name, value as string)
  // What is set to the end of a scale is no limit.
  for (const { name, value, dataset } of form.querySelectorAll<HTMLInputElement>('[data-open]'))
    if (value === dataset.open) asked.delete(name)
  joinParts(asked, form.dataset.joins, form.dataset.between)
  return asked.toString().replaceAll('%2C', ',').replaceAll('%2F', '/')
}
