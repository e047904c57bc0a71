import type { Component } from 'vue'
import type { ShapeName } from '~~/core/shapes'
import GridSettings from './GridSettings.vue'

/** The settings of every shape. */
export const shapeSettings: Record<ShapeName, Component> = { grid: GridSettings }
