import type { Section } from '@/api/types'

/**
 * Painting on by dragging over the drawn dog; a touch without dragging is left to whoever hears the click.
 *
 * @param may   whether dragging paints just now
 * @param paint called for each place that is come to
 */
export function useDragPaint(may: () => boolean, paint: (section: Section) => void) {
  let from: Section | undefined
  let at: Section | undefined
  let dragged = false

  const under = (event: PointerEvent) =>
    document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-section]')?.getAttribute('data-section') as
      Section | undefined

  return {
    pointerdown(event: PointerEvent) {
      from = at = under(event)
      dragged = false
    },
    pointermove(event: PointerEvent) {
      if (!from || !event.buttons || !may()) return
      const now = under(event)
      if (!now || now === at) return
      if (!dragged) paint(from)
      dragged = true
      at = now
      paint(now)
    },
    pointerup() {
      from = undefined
    },
    pointercancel() {
      from = undefined
    },
    /** What was dragged over is not touched as well. */
    clickCapture(event: Event) {
      if (!dragged) return
      dragged = false
      event.stopPropagation()
      event.preventDefault()
    },
  }
}
