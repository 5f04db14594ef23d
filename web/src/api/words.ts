import choices from './choices'
import type { Look, Subject, ToolKind } from './types'

type Choices = typeof choices

export function choiceOf<K extends keyof Choices>(type: K, value: Choices[K][number]['value']) {
  return choices[type].find((choice) => choice.value === value)!
}

/** The words for a value, within a sentence. */
export function labelOf<K extends keyof Choices>(type: K, value: Choices[K][number]['value']): string {
  return choiceOf(type, value).label
}

/** What a dog learns: a tool, or an exercise. */
export function subjectLabel(subject: Subject): string {
  return [...choices.ToolKind, ...choices.Exercise].find((choice) => choice.value === subject)!.label
}

/** What of the drawer serves, or else the kind that is asked for. */
export function toolName(tool: ToolKind, own?: { shownName: string }): string {
  return own?.shownName ?? labelOf('ToolKind', tool)
}

/** What was found at a place, in a few words. */
export function lookWords(look: Look): string {
  return [look.what && labelOf('BodyFinding', look.what), look.words].filter(Boolean).join(', ') || 'see the photo'
}
