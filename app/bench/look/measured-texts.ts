import { watchDebounced } from '@vueuse/core'
import { shallowRef } from 'vue'
import type { ShallowRef } from 'vue'
import type { CheckedTexts, MeasuredText } from '~~/core/checks/measured-texts'
import { fittingCss, fittingTargets } from '~~/core/fittings/look'
import { lookCss, sharedStyles } from '~~/core/listing/look'
import { targetGroupsOf } from '~~/core/listing/targets'
import { readableInSets } from '~~/core/looks/readable-in-sets'
import type { SiteValues } from '~~/core/looks/site-values'
import type { ColourSet } from '~~/core/looks/site-palette'
import { merged } from '~~/core/looks/styles'
import type { Styles } from '~~/core/looks/styles'
import { fittingsOn } from '~~/core/pages/restyled'
import { listingsStandingOn } from '~~/core/pages/standing'
import { selectorOf } from '~~/core/style/targets'
import type { ShownState, State, StyleTarget } from '~~/core/style/targets'
import { useDraft } from '../../stores/bench/draft'
import { useShown } from '../../stores/bench/shown'
import { useCatalogue } from '../../stores/catalogue'
import { shownContrast } from './shown-contrast'
import type { ShownContrast } from './shown-contrast'

/** Something that is placed, with what its look sets of what it shows. */
interface Placed {
  readonly id: string
  readonly of: CheckedTexts['of']
  readonly targets: readonly StyleTarget[]
  readonly styles: Styles
  /** Its styles with something of it as in a state. */
  readonly css: (as: ShownState) => string
}

/** So long (milliseconds) after a change it is measured anew: what is set shows at once, and is told of later. */
const pause = 400

/**
 * How well what looks say of fittings, and of what is no part of cards of listings, can be read on the page
 * as it is: at rest and in each state that a look sets something for, in each set of colours that pages have.
 */
export function useMeasuredTexts(): ShallowRef<readonly CheckedTexts[]> {
  const draft = useDraft()
  const shown = useShown()
  const catalogue = useCatalogue()
  const measured = shallowRef<readonly CheckedTexts[]>([])

  function placed(): readonly Placed[] {
    const listings = listingsStandingOn(draft.page).flatMap(({ placement: { id, listing: name } }) => {
      const listing = draft.document.listings[name]
      if (listing === undefined) return []
      const shared = sharedStyles(listing.look, catalogue.words)
      return [
        {
          id,
          of: 'listing' as const,
          targets: targetGroupsOf(listing).listing,
          styles: merged(shared, listing.look.own),
          css: (as: ShownState) => lookCss(listing, shared, scopeOf(id), as),
        },
      ]
    })
    const fittings = fittingsOn(draft.page).map(({ id, fitting, styles = [] }) => ({
      id,
      of: 'fitting' as const,
      targets: fittingTargets(fitting),
      styles,
      css: (as: ShownState) => fittingCss(fitting, styles, scopeOf(id), as),
    }))
    return [...listings, ...fittings]
  }

  watchDebounced(
    () => shown.page,
    (page) => {
      measured.value = page === null ? [] : measuredOn(page.document, placed(), catalogue.catalogue.values)
    },
    { debounce: pause, maxWait: 5 * pause, immediate: true },
  )
  return measured
}

const scopeOf = (id: string) => `[data-placement="${id}"]`

/** A text that was found, with what was measured of it. */
type Seen = ShownContrast & Pick<MeasuredText, 'name' | 'title' | 'state' | 'set'>

function measuredOn(
  page: Document,
  all: readonly Placed[],
  { pages, palette }: SiteValues,
): readonly CheckedTexts[] {
  const styled = all.filter(({ styles }) => styles.length > 0)
  if (styled.length === 0) return []
  const only = pages === 'dark' ? 'dark' : 'light'
  const sets = pages === 'visitor' ? (['light', 'dark'] as const) : [null]
  const seen = new Map(styled.map(({ id }) => [id, [] as Seen[]]))
  const look = (set: ColourSet | null, state: State | null, { id }: Placed, target: StyleTarget) => {
    const contrast = contrastOf(page, id, target)
    const { name, title } = target
    if (contrast !== null) seen.get(id)?.push({ ...contrast, name, title, state, set })
  }
  for (const set of sets) {
    // At rest all is looked at together: each time that it is dressed the whole page is laid out anew.
    dressed(page, set, '', () => {
      for (const one of styled) for (const { target } of targetsSet(one)) look(set, null, one, target)
    })
    for (const one of styled)
      for (const { target, states } of targetsSet(one))
        for (const state of states)
          dressed(page, set, one.css({ target: target.name, state }), () => look(set, state, one, target))
  }
  return styled.map(({ id, of }) => ({ placement: id, of, texts: (seen.get(id) ?? []).map(textOf) }))

  function textOf(one: Seen, _: number, others: readonly Seen[]): MeasuredText {
    const { name, title, state, set, ratio, least, drawn } = one
    const grounds = others
      .filter((other) => other.name === name && other.state === state)
      .map((other) => ({ set: other.set ?? only, ground: other.ground }))
    const nearest = ratio < least ? readableInSets(drawn, grounds, palette, least) : null
    return { name, title, state, set, ratio, least, nearest }
  }
}

/** The targets that a look sets anything of, with the states for which it does. */
function targetsSet({
  targets,
  styles,
}: Placed): readonly { readonly target: StyleTarget; readonly states: readonly State[] }[] {
  return targets.flatMap((target) => {
    const own = styles.filter((one) => one.target === target.name)
    const states = own.flatMap(({ state }) => state ?? [])
    return own.length === 0 ? [] : [{ target, states: [...new Set(states)] }]
  })
}

function contrastOf(page: Document, id: string, target: StyleTarget): ShownContrast | null {
  const text = page.querySelector(`${scopeOf(id)} ${selectorOf(target)}`)
  return text === null || text.textContent.trim() === '' ? null : shownContrast(text)
}

/** What is measured of a page while it has a set of colours and some styles more; nothing glides there or back. */
function dressed<T>(page: Document, set: ColourSet | null, css: string, measure: () => T): T {
  const [still, more] = [page.createElement('style'), page.createElement('style')]
  still.textContent = '* { transition: none !important }'
  more.textContent = set === null ? css : `${css}\n:root { color-scheme: ${set} !important }`
  page.head.append(still, more)
  try {
    return measure()
  } finally {
    more.remove()
    // Laid out anew while nothing glides, it is as it was.
    void page.body.offsetWidth
    still.remove()
  }
}
