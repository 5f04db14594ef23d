import { useLocalStorage } from '@vueuse/core'
import { useSoftSound } from './useSoftSound'

/** How the session is spoken on this device. */
export interface VoiceSettings {
  /** Whether it leads through the session by voice. */
  on: boolean
  /** Against the owner's own learned pace: 1 as learned, more is faster. */
  pace: number
  /** From 0 to 1. */
  volume: number
  /** The name of one of the browser's voices; empty: its usual one. */
  voice: string
}

export const SLOWEST = 0.5
export const FASTEST = 2
const USUAL: VoiceSettings = { on: false, pace: 1, volume: 0.8, voice: '' }
const TONE_HERTZ = 330
/** Where nothing speaks, the eyes read: a word takes about so long. Own estimate. */
const READ_MS = 260

/** What is spoken, through the browser's own voice; where it has none, a soft tone while the eyes read. */
export function useVoice() {
  const settings = useLocalStorage<VoiceSettings>('voice', USUAL, { mergeDefaults: true })
  const { tone } = useSoftSound()
  let reading: ReturnType<typeof setTimeout> | undefined

  const voices = () =>
    typeof speechSynthesis === 'undefined' ? [] : speechSynthesis.getVoices().filter((voice) => /^en/i.test(voice.lang))

  /** @param done once it is said; never, when it was hushed */
  function speak(text: string, done: () => void) {
    hush()
    const all = voices()
    if (!all.length) {
      tone(TONE_HERTZ, settings.value.volume)
      reading = setTimeout(done, text.split(' ').length * READ_MS)
      return
    }
    const line = new SpeechSynthesisUtterance(text)
    line.voice =
      all.find((voice) => voice.name === settings.value.voice) ?? all.find((voice) => voice.default) ?? all[0]!
    line.lang = line.voice.lang
    line.volume = settings.value.volume
    line.rate = Math.min(1.3, Math.max(0.8, settings.value.pace))
    line.onend = done
    speechSynthesis.speak(line)
  }

  function hush() {
    clearTimeout(reading)
    if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel()
  }

  return { settings, voices, speak, hush }
}

/** Whether a moment lies in the quiet hours, which may pass midnight. */
export function isQuiet(now: Date, from: string, to: string): boolean {
  const time = `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`
  const [begin, end] = [from.slice(0, 5), to.slice(0, 5)]
  return begin <= end ? time >= begin && time < end : time >= begin || time < end
}
