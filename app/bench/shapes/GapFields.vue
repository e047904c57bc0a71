<script setup lang="ts">
import { mdiLinkVariant, mdiLinkVariantOff } from '@mdi/js'
import { ref, watch } from 'vue'
import type { Gaps } from '~~/core/shapes/gaps'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from './words'

/** The space between cards: one number both ways, or one for each. */
const props = defineProps<{ gaps: Gaps }>()
const emit = defineEmits<{ change: [change: Partial<Gaps>] }>()

const isLinked = ref(props.gaps.columnGap === props.gaps.rowGap)
watch(
  () => props.gaps,
  ({ columnGap, rowGap }) => {
    if (rowGap !== columnGap) isLinked.value = false
  },
)

function link() {
  isLinked.value = !isLinked.value
  if (isLinked.value && props.gaps.rowGap !== props.gaps.columnGap)
    emit('change', { rowGap: props.gaps.columnGap })
}

function setColumnGap(columnGap: number) {
  emit('change', isLinked.value ? { columnGap, rowGap: columnGap } : { columnGap })
}
</script>

<template>
  <div class="gaps">
    <NumberSetting
      :label="isLinked ? words.gap : words.columnGap"
      :value="gaps.columnGap"
      :least="0"
      :most="200"
      unit="px"
      @change="setColumnGap"
    />
    <template v-if="gaps.rowGap !== undefined">
      <v-btn
        class="link"
        :icon="isLinked ? mdiLinkVariant : mdiLinkVariantOff"
        size="34"
        variant="text"
        :aria-label="words.oneGap"
        :aria-pressed="isLinked"
        @click="link"
      />
      <NumberSetting
        v-if="!isLinked"
        :label="words.rowGap"
        :value="gaps.rowGap"
        :least="0"
        :most="200"
        unit="px"
        @change="emit('change', { rowGap: $event })"
      />
    </template>
  </div>
</template>

<style scoped>
.gaps {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
  gap: 4px;
  align-items: end;
}
</style>
