import type { Caught } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'

/** What an owner saw of a mat, in a few words. */
export function matSize(found: Caught['found']): string {
  const tight = found.beneath === 'TIGHT' ? ', tight on the skin' : ''
  return (
    choiceOf('CatchLump', found.lump).hint +
    (found.spread === 'JOINED' ? `, ${labelOf('CatchSpread', found.spread)}` : tight)
  )
}
