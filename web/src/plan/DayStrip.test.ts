// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from 'vitest'
import { show } from '@/shell/testing'
import DayStrip from './DayStrip.vue'

vi.mock('vue-router', () => ({ useRouter: () => ({}) }))

let shown: ReturnType<typeof show>
afterEach(() => shown.unmount())

const GANNET = { id: 2, name: 'Gannet', known: { practice: [] } }
const PICK = { dogId: 2, sections: ['BACK', 'CHEST'], seconds: 600 }
const day = { picks: [], care: [], neededMinutes: 0, practiceSeconds: 0, brushedSeconds: 0 }
const morning = (today: object, dog: object = {}) => {
  const known = { ...GANNET.known, ...dog }
  const home = { today: '2026-05-14', dogs: [{ ...GANNET, known }], day: { ...day, ...today } }
  shown = show(DayStrip, { home })
  return shown.text()
}

it('begins with what is due', () => {
  expect(morning({ picks: [PICK], neededMinutes: 10 })).toContain('Begin with Gannet')
  expect(shown.get('[data-test=today]').text()).toContain('2 places')
})

it('goes on with a session that was begun, before anything else', () => {
  const text = morning({ picks: [PICK], neededMinutes: 10 }, { openSession: 'a1' })
  expect(text).toContain('Go on with Gannet')
  expect(text).not.toContain('Begin')
})

it('says that nothing is to be brushed only where nothing is needed', () => {
  expect(morning({}, { nextDate: '2026-05-16' })).toContain('Nothing to brush')
  expect(shown.text()).toContain('next: Gannet, Sat 16 May')
  shown.unmount()
  expect(morning({ neededMinutes: 40, minutes: 1 })).toContain('Nothing to brush in that time')
})

it('offers practice where nothing is to be brushed, but not twice a day', () => {
  const practice = [{ doneToday: false, standing: { subject: 'TABLE' } }]
  expect(morning({}, { practice })).toContain('Practise with Gannet')
  shown.unmount()
  expect(morning({}, { practice: [{ ...practice[0], doneToday: true }] })).not.toContain('Practise')
})
