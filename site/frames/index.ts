import type { Component } from 'vue'
import type { FrameName } from '../../core/pages/frames'
import MainSide from './MainSide.vue'

/** The component of every frame. */
export const frameComponents: Record<FrameName, Component> = { 'main-side': MainSide }
