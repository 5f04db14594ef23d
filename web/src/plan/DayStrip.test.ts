// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from 'vitest'
import { show } from '@/shell/testing'
import DayStrip from './DayStrip.vue'

vi.mock('vue-router', () => ({ useRouter: () => ({}) }))

let shown: ReturnType<typeof show>
afterEach(() => shown.unmount())

const GANNET = { id: 2, name: 'Gannet', known: { practice: [] } }
const PICK = { dogId: 2, sections: ['BACK', 'CHEST'], seconds: 600 }
const day = { picks: [], care: [], minutes: 0, neededMinutes: 0, practiceSeconds: 0, brushedSeconds: 0, done: false }
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

it('says what comes next where nothing is to be brushed', () => {
  expect(morning({}, { nextDate: '2026-05-16' })).toContain('Nothing to brush')
  expect(shown.text()).toContain('next: Gannet, Sat 16 May')
})

it('is done once all is done, and offers more only when it is asked for', async () => {
  expect(morning({ done: true, neededMinutes: 12, brushedSeconds: 900 })).toContain('All done for today')
  expect(shown.text()).not.toContain('other minutes')
  await shown.get('.later button').trigger('click')
  expect(shown.text()).toContain('other minutes')
})

it('names one sum, and what it is made of', () => {
  const care = [{ dogId: 2, job: 'TEETH', minutes: 2, learning: false }]
  expect(morning({ picks: [PICK], care, practiceSeconds: 60, minutes: 13, neededMinutes: 13 })).toContain(
    'about 13 min',
  )
  expect(shown.text()).toContain('10 min brushing, 2 min at the table, 1 min practice')
})

it('offers practice where nothing is to be brushed, but not twice a day', () => {
  const practice = [{ doneToday: false, standing: { subject: 'TABLE' } }]
  expect(morning({}, { practice })).toContain('Practise with Gannet')
  shown.unmount()
  expect(morning({}, { practice: [{ ...practice[0], doneToday: true }] })).not.toContain('Practise')
})
