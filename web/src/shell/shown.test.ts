// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { defineComponent, h, withDirectives } from 'vue'
import { expect, it } from 'vitest'
import { vShown } from './shown'

const Field = defineComponent({
  props: { told: { type: Number }, saving: Boolean },
  setup: (props) => () => [withDirectives(h('input'), [[vShown, props.told]]), h('i', String(props.saving))],
})

it('keeps what is being typed when the page draws itself for something else', async () => {
  const shown = mount(Field, { props: { told: 10, saving: true }, attachTo: document.body })
  const field = shown.find('input').element
  expect(field.value).toBe('10')
  field.focus()
  field.value = '4'
  await shown.setProps({ saving: false })
  expect(field.value).toBe('4')
  await shown.setProps({ told: 12 })
  expect(field.value).toBe('4')
  field.blur()
  await shown.setProps({ told: undefined })
  expect(field.value).toBe('')
  shown.unmount()
})
