import { createVuetify } from 'vuetify'
import { icons } from './icons'
import { byDay, byNight } from './palette'

const prefersNight = window.matchMedia('(prefers-color-scheme: dark)')

const LINES = { 'border-color': '#8A7A63', 'border-opacity': 0.6, 'medium-emphasis-opacity': 0.86 }

/** Every field is dressed alike. */
const FIELD = { variant: 'outlined', density: 'comfortable', color: 'secondary', hideDetails: 'auto' }

export const vuetify = createVuetify({
  icons: { defaultSet: 'svg', aliases: icons },
  date: { locale: { en: 'en-GB' } },
  theme: {
    defaultTheme: prefersNight.matches ? 'byNight' : 'byDay',
    themes: {
      byDay: { dark: false, colors: byDay, variables: LINES },
      byNight: { dark: true, colors: byNight, variables: { ...LINES, 'border-color': '#A99A83' } },
    },
    // The classes of colour are made with all the others, in style.css.
    utilities: false,
  },
  defaults: {
    VTextField: FIELD,
    VTextarea: { ...FIELD, autoGrow: true, rows: 2 },
    VSelect: FIELD,
    VCombobox: FIELD,
    VAutocomplete: FIELD,
    VDateInput: FIELD,
    VFileInput: { ...FIELD, prependIcon: '', prependInnerIcon: '$file' },
    VCheckboxBtn: { color: 'secondary' },
    VRadio: { color: 'secondary' },
    VSlider: { color: 'primary', trackColor: 'seam', thumbSize: 44 },
  },
})

prefersNight.addEventListener('change', (event) => void vuetify.theme.change(event.matches ? 'byNight' : 'byDay'))
