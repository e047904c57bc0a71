import { computed } from 'vue'
import type { SharedAreaRow } from '~~/core/pages/answers'
import { useAnswer } from '../../shared/answers'

/** The shared areas of the site. */
export function useSharedAreas(isWanted: () => boolean = () => true) {
  const { answer, failure, again } = useAnswer<readonly SharedAreaRow[]>(() =>
    isWanted() ? { path: '/api/bench/areas' } : null,
  )
  return {
    areas: computed(() => answer.value ?? []),
    isKnown: computed(() => answer.value !== undefined),
    failure,
    again,
  }
}
