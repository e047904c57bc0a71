/** Papers for one picture: the ground, then papers from light to dark, and one that stands out. */
export interface Palette {
  readonly ground: string
  readonly light: string
  readonly middle: string
  readonly dark: string
  readonly accent: string
  readonly cream: string
}

export const palettes = {
  meadow: {
    ground: '#dfe5d4',
    light: '#90a98a',
    middle: '#4f7c5a',
    dark: '#28513f',
    accent: '#e0ae4a',
    cream: '#f2e4c8',
  },
  clay: {
    ground: '#a8421f',
    light: '#dba242',
    middle: '#6d3924',
    dark: '#4a2418',
    accent: '#f0c987',
    cream: '#f4e5cc',
  },
  straw: {
    ground: '#d9a441',
    light: '#f0d9a8',
    middle: '#a8421f',
    dark: '#6a3823',
    accent: '#28513f',
    cream: '#f6ead2',
  },
  frost: {
    ground: '#d8e4e6',
    light: '#8fb0b3',
    middle: '#48797f',
    dark: '#1f4a57',
    accent: '#c65f2e',
    cream: '#f3f2e6',
  },
  dusk: {
    ground: '#eadcc0',
    light: '#7b8b4d',
    middle: '#b5641d',
    dark: '#3e5a37',
    accent: '#b4551b',
    cream: '#faf1dc',
  },
  soil: {
    ground: '#55362f',
    light: '#d69b72',
    middle: '#8f4e3c',
    dark: '#2f1d1a',
    accent: '#74745a',
    cream: '#eddcc2',
  },
  plum: {
    ground: '#e9d9d6',
    light: '#b78697',
    middle: '#7b3d5c',
    dark: '#3f2139',
    accent: '#d9903d',
    cream: '#f8ece2',
  },
  night: {
    ground: '#22384a',
    light: '#6d93a3',
    middle: '#3b6274',
    dark: '#132531',
    accent: '#efd9a0',
    cream: '#e8ecdf',
  },
  moss: {
    ground: '#5f7a3f',
    light: '#b7c476',
    middle: '#3d5a30',
    dark: '#22371f',
    accent: '#e7b84e',
    cream: '#f0efd2',
  },
  shell: {
    ground: '#f0e2cf',
    light: '#d9b391',
    middle: '#c26a45',
    dark: '#6e3a2d',
    accent: '#3e6f63',
    cream: '#fff6e6',
  },
} as const satisfies Record<string, Palette>

export type PaletteName = keyof typeof palettes
