<script setup lang="ts">
import { computed, ref } from 'vue'
import { fittingTargets, pageStops } from '~~/core/fittings/look'
import { parseStyles } from '~~/core/looks/styles'
import type { Styles } from '~~/core/looks/styles'
import type { PlacedFitting } from '~~/core/pages/definition'
import { useDraft } from '../../stores/bench/draft'
import LookControls from './LookControls.vue'
import FoldedPart from '../../shared/FoldedPart.vue'
import type { Styleable } from './look-place'
import { words } from './words'

/** How a fitting looks, folded away until it is wanted. */
const props = defineProps<{ placement: PlacedFitting }>()
const draft = useDraft()
const isOpen = ref(false)
const wanted = ref('')

const styles = computed<Styles>(() => props.placement.styles ?? [])
const styleable = computed<Styleable>(() => {
  const targets = fittingTargets(props.placement.fitting)
  return {
    targets,
    usual: targets[0]?.name ?? '',
    stops: pageStops,
    styles: styles.value,
  }
})
const note = computed(() => {
  const styled = new Set(styles.value.map(({ target }) => target)).size
  return styled === 0 ? null : words.styledThings(styled)
})

function edit(next: (before: Styles) => Styles, subject?: string): string | null {
  const parsed = parseStyles(next(styles.value))
  if (!parsed.ok) return parsed.faults[0]?.message ?? words.notSet
  draft.editPlacement(
    props.placement.id,
    words.edit,
    (before) =>
      before.kind === 'fitting'
        ? { ...before, styles: parsed.value.length === 0 ? undefined : parsed.value }
        : before,
    subject,
  )
  return null
}
</script>

<template>
  <FoldedPart v-model:open="isOpen" :title="words.look" :note="note">
    <div class="controls">
      <LookControls
        v-model="wanted"
        :of="styleable"
        :followed="[]"
        :drawn="{ card: null, itself: styleable.targets }"
        :boxes="words.pages"
        :edit="edit"
      />
    </div>
  </FoldedPart>
</template>

<style scoped>
.controls {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}
</style>
