import { expect, it } from 'vitest'
import { isQuiet } from './useVoice'

const at = (hour: number, minute = 0) => new Date(2026, 4, 14, hour, minute)

it('is quiet in hours that pass midnight, and in hours that do not', () => {
  expect([20, 21, 23, 3, 7, 8, 12].map((hour) => isQuiet(at(hour), '21:00', '08:00'))).toEqual([
    false,
    true,
    true,
    true,
    true,
    false,
    false,
  ])
  expect(isQuiet(at(13, 30), '13:00:00', '14:00:00')).toBe(true)
  expect(isQuiet(at(14), '13:00', '14:00')).toBe(false)
  expect(isQuiet(at(0), '00:00', '00:00')).toBe(false)
})
