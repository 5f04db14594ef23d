// @vitest-environment happy-dom
import { expect, it } from 'vitest'
import LengthField from './LengthField.vue'
import { show } from './testing'

const field = (modelValue: number | undefined, lengthUnit: string) =>
  show(LengthField, { label: 'Hair', modelValue }, { household: { lengthUnit } })

it.each([
  ['INCHES', '1,5', 38.1],
  ['INCHES', '0.5', 12.7],
  ['MILLIMETRES', '38', 38],
  ['MILLIMETRES', ' 4.5 ', 4.5],
])('takes a length as the household writes it: %s %s', async (unit, typed, millimetres) => {
  const shown = field(undefined, unit)
  await shown.get('input').setValue(typed)
  expect(shown.emitted('update:modelValue')!.at(-1)![0]).toBeCloseTo(millimetres, 6)
})

it('tells nothing typed from something that is no length', async () => {
  const shown = field(20, 'MILLIMETRES')
  await shown.get('input').setValue('')
  expect(shown.emitted('update:modelValue')!.at(-1)).toEqual([undefined])
  await shown.get('input').setValue('long')
  expect(shown.emitted('update:modelValue')!.at(-1)).toEqual([0])
})

it('says its unit, and shows what is stored in it', () => {
  const shown = field(38.1, 'INCHES')
  expect(shown.get('label').text()).toBe('Hair in inches')
  expect(shown.get('input').element.value).toBe('1.5')
})

it('leaves alone what is being typed', async () => {
  const shown = field(1, 'INCHES')
  await shown.get('input').setValue('1.')
  await shown.setProps({ modelValue: 25.4 })
  expect(shown.get('input').element.value).toBe('1.')
})
