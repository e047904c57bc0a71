import '@fontsource-variable/hanken-grotesk/wght.css'
import 'vuetify/styles'
import '../shared/tokens.css'
import '../shared/bench.css'
import { defineNuxtPlugin } from '#imports'
import { mdiClose } from '@mdi/js'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { clauseColours, colours } from '../shared/theme'

/** Vuetify in Bushel's colours. Every control is compact and outlined unless it says otherwise. */
export default defineNuxtPlugin((nuxt) => {
  const field = { variant: 'outlined', density: 'compact', color: colours.ink, hideDetails: 'auto' } as const
  nuxt.vueApp.use(
    createVuetify({
      icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
      theme: {
        defaultTheme: 'bushel',
        themes: {
          bushel: {
            dark: false,
            colors: {
              ...colours,
              background: colours.paper,
              surface: colours.sheet,
              primary: colours.ink,
              secondary: colours.soft,
              warning: clauseColours.card,
              success: clauseColours.from,
              info: clauseColours.order,
              ...clauseColours,
            },
            variables: {
              'border-color': colours.ink,
              'border-opacity': 0.16,
              'high-emphasis-opacity': 1,
              'medium-emphasis-opacity': 0.76,
            },
          },
        },
      },
      defaults: {
        VBtn: { variant: 'outlined', rounded: 'lg', ripple: false },
        VTextField: field,
        VTextarea: field,
        VDateInput: field,
        VTimeInput: field,
        VSelect: field,
        VAutocomplete: field,
        VNumberInput: { ...field, controlVariant: 'stacked' },
        VSwitch: { color: clauseColours.from, density: 'compact', hideDetails: true, inset: true },
        VCard: { rounded: 'lg', elevation: 0 },
        VChip: { closeIcon: mdiClose },
        VTooltip: { openDelay: 400 },
      },
    }),
  )
})
