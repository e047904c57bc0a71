import { defineFrame } from './define'

/** A wide main area with a narrow one beside it; below 1,000 pixels the side follows the main. */
export const mainSide = defineFrame({
  name: 'main-side',
  title: 'Main and side',
  areas: [
    {
      name: 'main',
      title: 'Main',
      widths: [
        { from: 0, factor: 1, plus: -40 },
        { from: 640, factor: 1, plus: -64 },
        { from: 1000, factor: 1, plus: -468 },
        { from: 1280, factor: 0, plus: 812 },
      ],
    },
    {
      name: 'side',
      title: 'Side',
      widths: [
        { from: 0, factor: 1, plus: -40 },
        { from: 640, factor: 1, plus: -64 },
        { from: 1000, factor: 0, plus: 300 },
      ],
    },
  ],
})
