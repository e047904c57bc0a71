import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { ShownState } from '~~/core/style/targets'
import type { EditedPage } from '~~/core/pages/answers'
import type { PageSubject } from '~~/core/rules/context'

/** How the page is looked at. Nothing of it is stored. */
export const useView = defineStore('view', () => {
  /** The moment for which everything is shown, epoch milliseconds; null for now. */
  const asOf = ref<number | null>(null)
  /** What the page is taken to be about, for listings that follow it. */
  const sample = ref<PageSubject | null>(null)
  /** What of the page is asked as by a visitor, as its address has it; empty for nothing. */
  const visitor = ref('')
  /** The width of the page in the ruler, in CSS pixels. */
  const pageWidth = ref(1280)
  /** Whether the named widths are shown beside each other. */
  const sideBySide = ref(false)
  /** Whether the page is shown as on devices that are set to dark. */
  const isDark = ref(false)
  /** Whether the page stands in its frame, and the rest of the bench may be fetched. */
  const isShown = ref(false)
  /** Whether the columns beside the page are folded away, so that it can be seen at its full size. */
  const isLeftFolded = ref(false)
  const isRightFolded = ref(false)
  /** The state in which something of the chosen listing is shown, while its look in that is set. */
  const shownAs = shallowRef<ShownState | null>(null)
  /** An entry's card to be looked at; another object each time it is wanted. */
  const lookedAt = shallowRef<{ readonly entry: number } | null>(null)

  /** A page for many things is looked at with one of them. */
  function open(loaded: EditedPage): void {
    isShown.value = false
    asOf.value = null
    visitor.value = ''
    sample.value = loaded.subject?.sample?.subject ?? null
    shownAs.value = null
    lookedAt.value = null
  }

  /** What every question of the bench is asked with. */
  function asked(): { readonly asOf: number | null; readonly sample: PageSubject | null } {
    return { asOf: asOf.value, sample: sample.value }
  }

  return {
    asOf,
    sample,
    visitor,
    pageWidth,
    sideBySide,
    isDark,
    isShown,
    isLeftFolded,
    isRightFolded,
    shownAs,
    lookedAt,
    open,
    asked,
  }
})
