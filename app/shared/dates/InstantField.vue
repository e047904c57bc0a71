<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { fromWallClock, toWallClock } from '~~/core/time/zones'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import DayField from './DayField.vue'
import TimeField from './TimeField.vue'

/** An instant (epoch milliseconds) by the clock of a time zone: its day, and the time of that day. */
const instant = defineModel<number | null>({ required: true })
const props = defineProps<{
  label: string
  hint?: string
  faults: readonly string[]
  /** IANA time zone; the site's where none is told. */
  zone?: string
  /** Whether only its day matters. */
  isOfDays?: boolean
}>()
const emit = defineEmits<{ leave: [] }>()
const catalogue = useCatalogue()
const clockZone = computed(() => props.zone ?? catalogue.catalogue.zone)

const day = ref<string | null>(null)
const time = ref<string | null>(null)
watch(
  [instant, clockZone],
  () => {
    if (instant.value === typed()) return
    const [own, clock] =
      instant.value === null ? [null, null] : toWallClock(instant.value, clockZone.value).split('T')
    day.value = own ?? null
    time.value = clock ?? null
  },
  { immediate: true },
)

/** A day without a time begins at midnight. */
function typed(): number | null {
  return day.value === null ? null : fromWallClock(`${day.value}T${time.value ?? '00:00'}`, clockZone.value)
}

function setDay(next: string | null) {
  day.value = next
  if (next === null) time.value = null
  else time.value ??= '00:00'
  instant.value = typed()
}

function setTime(next: string | null) {
  time.value = next
  instant.value = typed()
}
</script>

<template>
  <div class="instant" :class="{ days: isOfDays }" role="group" :aria-label="label">
    <DayField
      :model-value="day"
      :label="label"
      :hint="hint || (isOfDays ? '' : words.zone(clockZone))"
      :faults="faults"
      clearable
      @update:model-value="setDay"
      @leave="emit('leave')"
    />
    <TimeField
      v-if="!isOfDays"
      :model-value="time"
      :label="words.time"
      :disabled="day === null"
      @update:model-value="setTime"
      @leave="emit('leave')"
    />
  </div>
</template>

<style scoped>
.instant {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  align-items: start;
  gap: 10px;
}

.instant.days {
  grid-template-columns: minmax(0, 1fr);
}
</style>
