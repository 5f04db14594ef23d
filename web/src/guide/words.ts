import words from '../../../docs/words.md?raw'

/** What an owner may not know, as the list of words has it. */
export const glossary = words
  .split('## For owners')[1]!
  .split('\n## ')[0]!
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| word'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, word, meaning]) => ({ word: word!, meaning: meaning! }))

/** @throws Error where nobody has said what it means */
export function meaningOf(word: string): string {
  const found = glossary.find((one) => one.word.split(/, ?/).includes(word))
  if (!found) throw new Error(`Nobody has said what “${word}” means.`)
  return found.meaning
}
