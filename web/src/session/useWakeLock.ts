import { onBeforeUnmount, onMounted } from 'vue'

/** Keeps the screen awake while the view is shown, where the browser can. */
export function useWakeLock() {
  let lock: WakeLockSentinel | undefined

  async function hold() {
    if (document.visibilityState !== 'visible') return
    // Refused on low battery, or not known to this browser: brushing goes on all the same.
    lock = await navigator.wakeLock?.request('screen').catch(() => undefined)
  }
  onMounted(() => {
    void hold()
    document.addEventListener('visibilitychange', hold)
  })
  onBeforeUnmount(() => {
    document.removeEventListener('visibilitychange', hold)
    void lock?.release()
  })
}
