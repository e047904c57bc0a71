import type { Component } from 'vue'
import type { ShapeName } from '../../core/shapes'
import GridShape from './GridShape.vue'

/** The component of every shape. */
export const shapeComponents: Record<ShapeName, Component> = { grid: GridShape }
