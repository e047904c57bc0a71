import { mdiFormatListBulleted, mdiTuneVariant } from '@mdi/js'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useSelection } from '../stores/bench/selection'
import { useView } from '../stores/bench/view'
import { words } from './words'

/**
 * The columns beside the page. They fold away, so that it is seen at its full size; in a narrow window
 * they lie over it.
 */
export function useFolding() {
  const selection = useSelection()
  const view = useView()
  const isNarrow = useMediaQuery('(max-width: 999px)')
  /** Whether the areas lie over the page, in a narrow window. */
  const lieOver = ref(false)
  const isLeftOpen = computed(() => (isNarrow.value ? lieOver.value : !view.isLeftFolded))
  const isRightOpen = computed(() => (isNarrow.value ? selection.drawer !== null : !view.isRightFolded))
  watch(() => selection.chosenId, closeLeft)
  /** What is opened on purpose is to be seen. */
  watch(
    () => selection.drawerWanted,
    (wanted) => wanted && (view.isRightFolded = false),
    { flush: 'sync' },
  )

  function closeLeft(): void {
    lieOver.value = false
  }

  function foldLeft(): void {
    if (isNarrow.value) lieOver.value = !lieOver.value
    else view.isLeftFolded = !view.isLeftFolded
  }

  function foldRight(): void {
    view.isRightFolded = !view.isRightFolded
  }

  const sides = computed(() => [
    {
      label: words.areas,
      title: words.foldLeft,
      icon: mdiFormatListBulleted,
      isOpen: isLeftOpen.value,
      fold: foldLeft,
    },
    {
      label: words.settings,
      title: words.foldRight,
      icon: mdiTuneVariant,
      isOpen: isRightOpen.value,
      fold: foldRight,
    },
  ])

  return { isNarrow, isLeftOpen, isRightOpen, sides, foldLeft, foldRight, closeLeft }
}
