import type { Component } from 'vue'
import type { ShapeName } from '../../core/shapes'
import CalendarShape from './CalendarShape.vue'
import GridShape from './GridShape.vue'
import GroupedShape from './GroupedShape.vue'
import IndexShape from './IndexShape.vue'
import ListShape from './ListShape.vue'
import MasonryShape from './MasonryShape.vue'
import ScheduleShape from './ScheduleShape.vue'
import SlidesShape from './SlidesShape.vue'
import TableShape from './TableShape.vue'
import TabsShape from './TabsShape.vue'
import TimelineShape from './TimelineShape.vue'

/** The component of every shape. */
export const shapeComponents: Record<ShapeName, Component> = {
  grid: GridShape,
  masonry: MasonryShape,
  list: ListShape,
  slides: SlidesShape,
  tabs: TabsShape,
  index: IndexShape,
  grouped: GroupedShape,
  table: TableShape,
  timeline: TimelineShape,
  calendar: CalendarShape,
  schedule: ScheduleShape,
}
