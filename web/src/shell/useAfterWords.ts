import { onMounted, shallowRef } from 'vue'

let turn = Promise.resolve()

/**
 * What is only looked at, once what is read stands on the screen: it takes long to draw. One after the other, a frame each.
 *
 * @param fetch what draws it
 */
export function useAfterWords<T>(fetch: () => Promise<{ default: T }>) {
  const drawing = shallowRef<T>()
  onMounted(() => {
    turn = turn
      .then(async () => {
        await painted()
        drawing.value = (await fetch()).default
      })
      // The frame reloads a page whose files are gone; the next drawing is not kept by it.
      .catch(() => undefined)
  })
  return drawing
}

/** A frame is on the screen; on a page that nobody sees none ever is. */
const painted = () =>
  new Promise<void>((done) => {
    const after = () => setTimeout(done)
    if (document.hidden) after()
    else requestAnimationFrame(after)
  })
