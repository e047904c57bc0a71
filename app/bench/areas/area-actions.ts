import { computed, ref } from 'vue'
import type { AreaName } from '~~/core/pages/frames'
import { placementsIn } from '~~/core/pages/standing'
import { sharedIn, withSharedInstead } from '~~/core/pages/shared-areas'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import { words as shared } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useNotices } from '../../stores/notices'
import { useSharedAreas } from './shared-areas'
import { words } from './words'

/** What can be done with an area as a whole: shared with other pages, or given to one that is. */
export function useAreaActions(area: () => AreaName) {
  const draft = useDraft()
  const notices = useNotices()
  const { areas } = useSharedAreas()
  /** Whether the dialog is open that makes a shared area of this one. */
  const isSharing = ref(false)

  const actions = computed((): readonly MenuAction[] => {
    // A shared area is no page: nothing is shared in it.
    if (draft.sharedArea !== null) return []
    const own = sharedIn(draft.page, area())
    return [
      ...(own === undefined
        ? [{ title: words.shareArea, under: words.sharedArea, run: () => (isSharing.value = true) }]
        : []),
      ...areas.value
        .filter((one) => one.area === area() && !one.isOnEvery && one.id !== own)
        .map((one) => ({
          title: words.useShared(one.title),
          under: words.sharedArea,
          run: () => give(one.id),
        })),
    ]
  })

  function give(id: number) {
    const count = placementsIn(draft.page, area()).length
    draft.editPage(words.sharing, (page) => withSharedInstead(page, area(), id))
    if (count > 0)
      notices.tell({ text: words.shelvedByShared, action: { title: shared.undo, run: draft.undo } })
  }

  return { actions, isSharing }
}
