import { describe, expect, it } from 'vitest'
import type { SectionInfo } from '@/api/types'
import { goals, searchOf } from './search'

const ARMPIT = { section: 'ARMPIT_LEFT', label: 'left armpit', region: 'BODY', regionLabel: 'Body' } as SectionInfo
const find = searchOf(goals([{ id: 1, name: 'Oakum' }], [ARMPIT]))
const first = (typed: string) => find(typed)[0]?.to

describe('the search, in owners’ words', () => {
  it.each([
    ['armpit', '/dogs/1/days?place=ARMPIT_LEFT'],
    ['it swam', '/dogs/1/today#life'],
    ['burrs', '/dogs/1/today#life'],
    ['claws', '/dogs/1/care/nails'],
    ['shampoo', '/dogs/1/care/bath'],
    ['lump', '/dogs/1/care/look-over'],
    ['weigh', '/dogs/1/dog/looks'],
    ['appointment', '/dogs/1/days/groom'],
    ['inches', '/settings'],
    ['lick mat', '/dogs/1/dog/trust/hands'],
    ['growl', '/dogs/1/dog/trust'],
  ])('finds %s', (typed, to) => {
    expect(find(typed).map((goal) => goal.to)).toContain(to)
  })

  it('finds what begins so, and what is written a little wrong', () => {
    expect(first('treat')).toBe('/dogs/1/dog/trust/treats')
    expect(first('tresats')).toBe('/dogs/1/dog/trust/treats')
    expect(first('gro')).toBe('/dogs/1/days/groom')
    expect(find('zzz')).toEqual([])
  })
})
