import { useRoute, useRouter } from '#imports'
import { watch } from 'vue'
import type { Ref } from 'vue'

/**
 * Keeps what narrows and orders a list in the address of its screen, so that it is the same on the way
 * back, after a reload and for whoever is given the link. What is as usual is left out.
 */
export function useAddressState(parts: Readonly<Record<string, { ref: Ref<string>; usual: string }>>): void {
  const [route, router] = [useRoute(), useRouter()]
  const { path } = route
  for (const [name, { ref }] of Object.entries(parts)) {
    const given = route.query[name]
    if (typeof given === 'string') ref.value = given
  }
  watch(
    () => Object.values(parts).map(({ ref }) => ref.value),
    () => {
      if (route.path !== path) return
      const query = Object.fromEntries(
        Object.entries(parts).flatMap(([name, { ref, usual }]) =>
          ref.value === usual ? [] : [[name, ref.value]],
        ),
      )
      void router.replace({ query })
    },
  )
}
