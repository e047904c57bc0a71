import type { CheckedFitting } from '~~/core/checks/faint-fittings'
import { fittingTargets } from '~~/core/fittings/look'
import type { PlacedFitting } from '~~/core/pages/definition'
import { selectorOf } from '~~/core/style/targets'
import { shownContrast } from './shown-contrast'

/** How well what looks say of fittings can be read on the page as it is; of those that are on it and styled. */
export function measuredFittings(
  page: Document,
  fittings: readonly PlacedFitting[],
): readonly CheckedFitting[] {
  return fittings.flatMap(({ id, fitting, styles = [] }) => {
    const styled = new Set(styles.map(({ target }) => target))
    const texts = fittingTargets(fitting)
      .filter(({ name }) => styled.has(name))
      .flatMap((target) => {
        const text = page.querySelector(`[data-placement="${id}"] ${selectorOf(target)}`)
        const contrast = text === null || text.textContent.trim() === '' ? null : shownContrast(text)
        return contrast === null ? [] : [{ name: target.name, title: target.title, ...contrast }]
      })
    return texts.length === 0 ? [] : [{ placement: id, texts }]
  })
}
