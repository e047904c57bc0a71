<script setup lang="ts">
import { computed } from 'vue'
import type { Band } from '~~/core/pages/bands/definition'
import { besideFromOf } from '~~/core/pages/bands/geometry'
import IconChoice from '../../shared/settings/IconChoice.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import ColumnsPlan from './ColumnsPlan.vue'
import { words } from './words'

/** How many columns a band has, and how wide they are to each other. */
const props = defineProps<{ band: Band }>()
const emit = defineEmits<{ change: [parts: readonly number[], subject?: string] }>()

/** The proportions that are mostly wanted; others are set column by column. */
const usual: readonly (readonly number[])[] = [
  [1],
  [1, 1],
  [2, 1],
  [1, 2],
  [1, 1, 1],
  [1, 2, 1],
  [1, 1, 1, 1],
]
const parts = computed(() => props.band.columns.map((column) => column.parts))
const choices = computed(() => {
  const isUsual = usual.some((one) => one.join() === parts.value.join())
  return [...usual, ...(isUsual ? [] : [parts.value])].map((one) => ({
    value: one.join(),
    title: words.columnsTitle(one),
    about: words.columnsAbout(one),
    parts: one,
  }))
})

function choose(value: string) {
  if (value !== parts.value.join()) emit('change', value.split(',').map(Number))
}
</script>

<template>
  <div class="columns">
    <p class="input-title" aria-hidden="true">{{ words.columns }}</p>
    <IconChoice
      v-slot="{ choice }"
      :label="words.columns"
      :value="parts.join()"
      :choices="choices"
      @change="choose"
    >
      <ColumnsPlan :parts="choice.value.split(',').map(Number)" />
    </IconChoice>
    <template v-if="parts.length > 1">
      <p class="input-note">{{ words.stacks(besideFromOf(band)) }}</p>
      <div class="parts">
        <NumberSetting
          v-for="(part, at) in parts"
          :key="at"
          :label="words.parts(at + 1)"
          :value="part"
          :least="1"
          :most="6"
          @change="emit('change', parts.with(at, $event), `parts ${at}`)"
        />
      </div>
    </template>
  </div>
</template>

<style scoped>
.columns {
  --columns: 4;

  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}

.parts {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
}
</style>
