import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

const KEPT = 'soft-sound'
const LOUDNESS = 0.06
const SECONDS = 0.14

/** A soft tick for each stroke, lower when the hand should move on. Off until the owner wants it. */
export function useSoftSound() {
  const kept = useLocalStorage(KEPT, 'off')
  const on = computed(() => kept.value === 'on')
  let audio: AudioContext | undefined

  const tick = (hertz: number) => on.value && tone(hertz, 1)

  /** @param volume from 0 to 1 */
  function tone(hertz: number, volume: number) {
    if (volume <= 0) return
    audio ??= new AudioContext()
    // Browsers keep it silent until the page has been touched.
    void audio.resume()
    const [tone, gain] = [audio.createOscillator(), audio.createGain()]
    tone.frequency.value = hertz
    gain.gain.setValueAtTime(LOUDNESS * volume, audio.currentTime)
    gain.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + SECONDS)
    tone.connect(gain).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + SECONDS)
  }
  return {
    on,
    tick,
    tone,
    toggle() {
      kept.value = on.value ? 'off' : 'on'
    },
  }
}
