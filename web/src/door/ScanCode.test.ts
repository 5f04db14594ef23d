// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ScanCode from './ScanCode.vue'

describe('the code to scan', () => {
  it('is dark on light with its quiet edge, in every theme, or no camera reads it', () => {
    const drawn = mount(ScanCode, { props: { text: 'https://192.168.1.5:8443/pair#ABCDE23456' } })
    const [x, , width] = drawn.attributes('viewBox')!.split(' ').map(Number)
    expect(x).toBe(-4)
    expect(drawn.get('rect').attributes()).toMatchObject({ fill: '#fff', x: '-4', y: '-4', width: '100%' })
    expect(drawn.get('path').attributes('fill')).toBe('#000')
    // ISO/IEC 18004: the finder pattern begins in the first corner, and the sides are 21 modules and 4 more a version.
    expect(drawn.get('path').attributes('d')).toMatch(/^M0 0h1v1h-1zM1 0/)
    expect((width! - 8 - 21) % 4).toBe(0)
  })
})
