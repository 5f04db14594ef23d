// @vitest-environment happy-dom
import { expect, it } from 'vitest'
import KeptField from './KeptField.vue'
import NumberField from './NumberField.vue'
import TimeField from './TimeField.vue'
import { show } from './testing'

async function leave(component: object, props: object, typed: string) {
  const shown = show(component, props)
  const field = shown.get('input')
  await field.trigger('focus')
  await field.setValue(typed)
  await field.trigger('blur')
  return { shown, field }
}

it.each([
  ['19', '19:00'],
  ['7:30', '07:30'],
  ['7.30', '07:30'],
  ['1930', '19:30'],
  ['0:00', '00:00'],
  ['', undefined],
])('takes %s for a time of day', async (typed, time) => {
  const { shown } = await leave(TimeField, { label: 'at', modelValue: '12:00:00' }, typed)
  expect(shown.emitted('update:modelValue')).toEqual([[time]])
})

it.each(['24:00', '7:60', 'noon'])('says what a time looks like instead of taking %s', async (typed) => {
  const { shown } = await leave(TimeField, { label: 'at', modelValue: '12:00' }, typed)
  expect(shown.emitted('update:modelValue')).toBeUndefined()
  expect(shown.text()).toContain('such as 19:30')
})

it('needs the end of the quiet hours', async () => {
  const { shown } = await leave(TimeField, { label: 'to', modelValue: '08:00', needed: true }, '')
  expect(shown.text()).toContain('such as 19:30')
})

it.each([
  ['62,50', 62.5],
  ['62.5', 62.5],
  [' 7 ', 7],
  ['', undefined],
])('reads %s as a price', async (typed, price) => {
  const { shown } = await leave(NumberField, { modelValue: 1 }, typed)
  expect(shown.emitted('update:modelValue')).toEqual([[price]])
})

it('says that a word is no number, and keeps it to be mended', async () => {
  const { shown, field } = await leave(NumberField, { modelValue: 1 }, 'ten')
  expect(shown.text()).toContain('A number')
  expect(field.element.value).toBe('ten')
})

it('keeps what is typed while the page learns something else, and gives it on once', async () => {
  const shown = show(KeptField, { told: 20 })
  const field = shown.get('input')
  await field.trigger('focus')
  await field.setValue('35')
  await shown.setProps({ told: 25 })
  expect(field.element.value).toBe('35')
  await field.trigger('blur')
  expect(shown.emitted('keep')).toEqual([['35']])
})

it('says nothing where nothing was changed', async () => {
  const { shown } = await leave(KeptField, { told: 20 }, ' 20 ')
  expect(shown.emitted('keep')).toBeUndefined()
})
