/** Sends what is set on a scale as it is let go, and shows it on its line before. */
export function sendScales(): void {
  const isOfScale = (target: EventTarget | null): target is HTMLInputElement & { form: HTMLFormElement } =>
    target instanceof HTMLInputElement && target.form?.matches('[data-slides]') === true
  document.addEventListener('input', ({ target }) => {
    if (isOfScale(target)) showSet(target)
  })
  document.addEventListener('change', ({ target }) => {
    if (isOfScale(target)) target.form.requestSubmit()
  })
}

/** One end pushes the other before it. */
function showSet(moved: HTMLInputElement & { form: HTMLFormElement }): void {
  const ends = [...moved.form.querySelectorAll<HTMLInputElement>('[type=range]')]
  const [from, to] = ends
  if (from === undefined || to === undefined) return
  if (Number(from.value) > Number(to.value)) (moved === from ? to : from).value = moved.value
  ends.forEach(({ value, min, max }, at) =>
    moved.form.style.setProperty(at === 0 ? '--from' : '--to', String((+value - +min) / (+max - +min))),
  )
}
