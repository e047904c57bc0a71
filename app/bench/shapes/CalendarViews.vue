<script setup lang="ts">
import { computed } from 'vue'
import SettingRow from '../../shared/settings/SettingRow.vue'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import SortableList from '../../shared/sorting/SortableList.vue'
import { calendar } from '~~/core/shapes/calendar'
import { calendarViews } from '~~/core/shapes/calendar-turn'
import type { CalendarView } from '~~/core/shapes/calendar-turn'
import { words } from './words'

/** Which views visitors may switch between, in their order; the first is seen first. */
const props = defineProps<{ views: readonly CalendarView[] }>()
const emit = defineEmits<{ change: [views: readonly CalendarView[]] }>()

/** Those that are not chosen come after the others. */
const all = computed(() => [...props.views, ...calendarViews.filter((view) => !props.views.includes(view))])
const changed = computed(() => props.views.join() !== calendar.defaults.views.join())

function turn(view: CalendarView, on: boolean) {
  emit(
    'change',
    all.value.filter((one) => (one === view ? on : props.views.includes(one))),
  )
}
</script>

<template>
  <SettingRow
    :label="words.calendarViews"
    :changed="changed"
    @reset="emit('change', calendar.defaults.views)"
  >
    <SortableList
      v-slot="{ item: view, handle }"
      class="views"
      :items="all"
      :key-of="(view) => view"
      :name-of="(view) => words.calendarViewNames[view]"
      @order="
        emit(
          'change',
          $event.filter((view) => views.includes(view)),
        )
      "
    >
      <div class="view">
        <MoveHandle v-bind="handle" />
        <v-checkbox
          :label="words.calendarViewNames[view]"
          :model-value="views.includes(view)"
          :disabled="views.length === 1 && views[0] === view"
          density="compact"
          hide-details
          @update:model-value="turn(view, $event === true)"
        />
      </div>
    </SortableList>
  </SettingRow>
</template>

<style scoped>
.views {
  padding: 0;
  list-style: none;
}

.view {
  display: flex;
  align-items: center;
  gap: 4px;
}
</style>
