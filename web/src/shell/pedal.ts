/** What foot pedals and clickers send: page keys, arrows, Enter or media keys, forward and back. */
export const PEDAL: Record<'on' | 'back', readonly string[]> = {
  on: ['Enter', 'PageDown', 'ArrowRight', 'ArrowDown', 'MediaTrackNext', 'MediaPlayPause'],
  back: ['PageUp', 'ArrowLeft', 'ArrowUp', 'MediaTrackPrevious', 'Backspace'],
}
