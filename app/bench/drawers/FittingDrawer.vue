<script setup lang="ts">
import { computed } from 'vue'
import { fittings } from '~~/core/fittings'
import type { FittingChoice } from '~~/core/fittings'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { fittingSettings } from '../fittings'
import FittingLook from '../look/FittingLook.vue'
import PlacementHeading from '../PlacementHeading.vue'

/** What is set for the chosen fitting. */
const draft = useDraft()
const selection = useSelection()
const placement = computed(() => selection.fitting)
const kind = computed(() => placement.value && fittings.get(placement.value.fitting.name))

function set(fitting: FittingChoice, subject?: string) {
  if (placement.value !== null)
    draft.editPlacement(
      placement.value.id,
      kind.value?.title ?? '',
      (before) => (before.kind === 'fitting' ? { ...before, fitting } : before),
      subject,
    )
}
</script>

<template>
  <template v-if="placement && kind">
    <component
      :is="fittingSettings[placement.fitting.name]"
      :key="placement.id"
      :settings="placement.fitting"
      @change="set"
    />
    <PlacementHeading :placement="placement">
      <FittingLook :key="placement.id" :placement="placement" />
    </PlacementHeading>
  </template>
</template>
