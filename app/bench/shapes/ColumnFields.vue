<script setup lang="ts">
import { mostColumns } from '~~/core/shapes/columns'
import type { ColumnsStop } from '~~/core/shapes/columns'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from './words'

/** Columns and the space between them at one stop. */
defineProps<{
  stop: Pick<ColumnsStop, 'columns' | 'columnGap'> & { readonly rowGap?: number }
  label?: string
  fixed?: boolean
}>()
const emit = defineEmits<{ change: [change: Partial<ColumnsStop>] }>()
const choices = Array.from({ length: mostColumns }, (_, at) => ({ value: at + 1, title: String(at + 1) }))
</script>

<template>
  <ChoiceSetting
    v-if="!fixed"
    :label="label ?? words.columns"
    :value="stop.columns"
    :choices="choices"
    @change="emit('change', { columns: $event })"
  />
  <div class="pair">
    <NumberSetting
      :label="words.columnGap"
      :value="stop.columnGap"
      :least="0"
      :most="200"
      unit="px"
      @change="emit('change', { columnGap: $event })"
    />
    <NumberSetting
      v-if="stop.rowGap !== undefined"
      :label="words.rowGap"
      :value="stop.rowGap"
      :least="0"
      :most="200"
      unit="px"
      @change="emit('change', { rowGap: $event })"
    />
  </div>
</template>
