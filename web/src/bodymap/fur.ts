import type { Colour } from '@/api/types'

/** How hair of a colour is filled; a coat of which nothing is known has a neutral one, a patched one is pale beneath. */
export function furOf(colour?: Colour): string {
  const name = colour === undefined ? 'fur' : `${colour === 'PATCHED' ? 'pale' : colour.toLowerCase()}-fur`
  return `rgb(var(--v-theme-${name}))`
}
