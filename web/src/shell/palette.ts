/** Undyed wool, bark, moss, rust. */
export const byDay = {
  background: '#F6F1E7',
  surface: '#FBF8F1',
  wool: '#E9E0CF',
  ink: '#3E3229',
  'on-background': '#3E3229',
  'on-surface': '#3E3229',
  primary: '#9A4824',
  'on-primary': '#FFFFFF',
  secondary: '#55633A',
  heather: '#6F5073',
  slate: '#46565F',
  error: '#8E2F1B',
  'on-error': '#FFFFFF',
  focus: '#2C4A7A',
  burr: '#7E3A1C',
  fur: '#D8C7A8',
  'pale-fur': '#FBF7EC',
  'gold-fur': '#DDB97F',
  'brown-fur': '#B4906B',
  'grey-fur': '#C0BBB1',
  'dark-fur': '#8D8178',
  'far-fur': '#BCA988',
  pen: '#3E3229',
  seam: '#B8A88C',
}

export const byNight: typeof byDay = {
  background: '#241E19',
  surface: '#2E2721',
  wool: '#3B322A',
  ink: '#EFE6D6',
  'on-background': '#EFE6D6',
  'on-surface': '#EFE6D6',
  primary: '#E39A6F',
  'on-primary': '#2A1408',
  secondary: '#B3C28C',
  heather: '#CBA9CF',
  slate: '#AEBFC9',
  error: '#F0A08A',
  'on-error': '#2A1408',
  focus: '#A9C4F2',
  burr: '#F0B48E',
  fur: '#8F7B61',
  'pale-fur': '#CDBFA6',
  'gold-fur': '#A3834F',
  'brown-fur': '#836648',
  'grey-fur': '#8C8983',
  'dark-fur': '#5F554D',
  'far-fur': '#64543F',
  pen: '#1B1511',
  seam: '#6E604F',
}

const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).join()
const rules = (colours: typeof byDay) =>
  Object.entries(colours)
    .map(([name, hex]) => `--v-theme-${name}:${channels(hex)};`)
    .join('')

/** The colours before, and without, the component library: by the names that it gives them, too. */
export function paintPage() {
  const style = document.createElement('style')
  style.textContent = `:root{${rules(byDay)}}@media(prefers-color-scheme:dark){:root{${rules(byNight)}}}`
  document.head.prepend(style)
}
