/** What a library marks a field with that was not taken. */
const WRONG = '[aria-invalid="true"], .v-input--error input, .v-input--error textarea'

/**
 * A form that was not taken says so where it says so; on a phone that may be far above what was touched. What was just
 * said is brought into sight, with the first field that it is about.
 *
 * @returns to stop looking
 */
export function seeRefusals(root: HTMLElement): () => void {
  const observer = new MutationObserver((changes) => {
    const said = changes
      .flatMap((change) => [...change.addedNodes])
      .find((node): node is HTMLElement => node instanceof HTMLElement && node.matches('[role="alert"]'))
    // The fields are marked in the same turn.
    if (said) requestAnimationFrame(() => bringIntoSight(said))
  })
  observer.observe(root, { childList: true, subtree: true })
  return () => observer.disconnect()
}

function bringIntoSight(said: HTMLElement) {
  const field = said.closest('form')?.querySelector<HTMLElement>(WRONG)
  field?.focus({ preventScroll: true })
  if (outOfSight(said) || (field && outOfSight(field))) (field ?? said).scrollIntoView({ block: 'center' })
}

function outOfSight(element: HTMLElement): boolean {
  const { top, bottom } = element.getBoundingClientRect()
  return top < 0 || bottom > window.innerHeight
}
