import {
  mdiCalendarMonthOutline,
  mdiCalendarClockOutline,
  mdiFormatListText,
  mdiPageLayoutSidebarRight,
  mdiTab,
  mdiTableLarge,
  mdiTimelineOutline,
  mdiViewCarouselOutline,
  mdiViewGridOutline,
  mdiViewQuiltOutline,
  mdiViewSequentialOutline,
} from '@mdi/js'
import type { Component } from 'vue'
import type { ShapeName } from '~~/core/shapes'
import CalendarSettings from './CalendarSettings.vue'
import GridSettings from './GridSettings.vue'
import GroupedSettings from './GroupedSettings.vue'
import IndexSettings from './IndexSettings.vue'
import ListSettings from './ListSettings.vue'
import MasonrySettings from './MasonrySettings.vue'
import ScheduleSettings from './ScheduleSettings.vue'
import SlidesSettings from './SlidesSettings.vue'
import TableSettings from './TableSettings.vue'
import TabsSettings from './TabsSettings.vue'
import TimelineSettings from './TimelineSettings.vue'

/** The settings of every shape, and its sign in the drawer. */
export const shapeSettings: Record<ShapeName, { readonly settings: Component; readonly icon: string }> = {
  grid: { settings: GridSettings, icon: mdiViewGridOutline },
  masonry: { settings: MasonrySettings, icon: mdiViewQuiltOutline },
  list: { settings: ListSettings, icon: mdiFormatListText },
  slides: { settings: SlidesSettings, icon: mdiViewCarouselOutline },
  tabs: { settings: TabsSettings, icon: mdiTab },
  index: { settings: IndexSettings, icon: mdiPageLayoutSidebarRight },
  grouped: { settings: GroupedSettings, icon: mdiViewSequentialOutline },
  table: { settings: TableSettings, icon: mdiTableLarge },
  timeline: { settings: TimelineSettings, icon: mdiTimelineOutline },
  calendar: { settings: CalendarSettings, icon: mdiCalendarMonthOutline },
  schedule: { settings: ScheduleSettings, icon: mdiCalendarClockOutline },
}
