import choices from './choices'

type Choices = typeof choices

export function choiceOf<K extends keyof Choices>(type: K, value: Choices[K][number]['value']) {
  return choices[type].find((choice) => choice.value === value)!
}

/** The words for a value, within a sentence. */
export function labelOf<K extends keyof Choices>(type: K, value: Choices[K][number]['value']): string {
  return choiceOf(type, value).label
}
