import { createRouter, createWebHistory, type RouteLocation, type RouteLocationRaw } from 'vue-router'
import { watchForLost } from './useLost'

declare module 'vue-router' {
  interface RouteMeta {
    title?: string
    bare?: boolean
    /** Shown before the component library is there. */
    light?: boolean
    /** Before the door: nobody was let in yet. */
    outside?: boolean
  }
}

const MOVED = {
  when: 'days',
  routine: 'today/routine',
  brushed: 'today/brushed',
  care: 'today/table',
  tools: 'kit',
  groom: 'days/groom',
  coat: 'dog/coat',
  trust: 'dog/trust',
  about: 'dog/looks',
}

export const router = createRouter({
  history: createWebHistory(),
  // Where it is at the top already, asking for it would only have the page laid out once more.
  scrollBehavior: (_to, _from, saved) => saved ?? (window.scrollY > 0 && { top: 0 }),
  routes: [
    { path: '/', component: () => import('@/home/HomePage.vue'), meta: { title: 'Today', light: true } },
    { path: '/week', component: () => import('@/plan/WeekPage.vue'), meta: { title: 'The days to come' } },
    { path: '/messages', component: () => import('@/plan/MessagesPage.vue'), meta: { title: 'Messages' } },
    {
      path: '/drawer/supplies',
      component: () => import('@/care/SuppliesPage.vue'),
      meta: { title: 'What lies ready' },
    },
    { path: '/drawer', component: () => import('@/kit/DrawerPage.vue'), meta: { title: 'The drawer' } },
    {
      path: '/guide/:page([a-z-]+)',
      component: () => import('@/guide/GuidePage.vue'),
      props: true,
      meta: { title: 'Guide' },
    },
    { path: '/guide', redirect: '/guide/first-brush' },
    {
      path: '/enter',
      component: () => import('@/door/EnterPage.vue'),
      meta: { title: 'Opening', light: true, outside: true },
    },
    {
      path: '/pair',
      component: () => import('@/door/PairPage.vue'),
      meta: { title: 'Let this device in', outside: true },
    },
    { path: '/settings', component: () => import('@/household/SettingsPage.vue'), meta: { title: 'Settings' } },
    { path: '/dogs/new', component: () => import('@/home/FirstPath.vue'), meta: { title: 'A new dog' } },
    {
      path: '/dogs/:dogId(\\d+)/first',
      component: () => import('@/home/FirstTouchPage.vue'),
      props: (route) => ({ dogId: Number(route.params.dogId) }),
      meta: { title: 'The first place' },
    },
    {
      path: '/dogs/:dogId(\\d+)',
      component: () => import('@/dog/DogLayout.vue'),
      props: (route) => ({ dogId: Number(route.params.dogId) }),
      children: [
        { path: '', redirect: (to) => `${to.path.replace(/\/$/, '')}/today` },
        dogView('today', () => import('@/home/TodayPage.vue'), 'Today'),
        dogView('today/routine', () => import('@/routine/RoutinePage.vue'), 'How it goes'),
        dogView('today/methods', () => import('@/routine/MethodsPage.vue'), 'With your hands'),
        dogView('today/table', () => import('@/care/CarePage.vue'), 'At the table'),
        dogView('today/brushed', () => import('@/session/BrushedPage.vue'), 'I brushed already'),
        dogView('days', () => import('@/rhythm/WhenPage.vue'), 'Days'),
        dogView('days/thread', () => import('@/plan/ThreadPage.vue'), 'The thread'),
        dogView('days/learned', () => import('@/rhythm/LearnedPage.vue'), 'What it learned'),
        dogView('days/history', () => import('@/session/HistoryPage.vue'), 'What was done'),
        dogView('days/months', () => import('@/plan/MonthsPage.vue'), 'Over the months'),
        dogView('days/groom', () => import('@/visit/GroomPage.vue'), 'The groomer'),
        dogView('kit', () => import('@/kit/KitPage.vue'), 'Kit'),
        dogView('kit/buy', () => import('@/buy/BuyPage.vue'), 'What to buy'),
        dogView('kit/schools', () => import('@/plan/SchoolsPage.vue'), 'Schools'),
        dogView('kit/lesson', () => import('@/kit/LessonPage.vue'), 'Your hand'),
        dogView('kit/card', () => import('@/kit/KitCardPage.vue'), 'Kit card'),
        dogView('dog', () => import('@/home/DogHubPage.vue'), 'All about it'),
        dogView('dog/looks', () => import('@/dog/DogPage.vue'), 'Looks and weight'),
        dogView('dog/coat', () => import('@/coat/CoatPage.vue'), 'Coat'),
        dogView('dog/coat/finder', () => import('@/coat/FinderPage.vue'), 'Coat finder'),
        dogView('dog/coat/measure', () => import('@/coat/MeasurePage.vue'), 'Measure'),
        dogView('dog/coat/card', () => import('@/coat/CoatCardPage.vue'), 'Coat card'),
        dogView('dog/sheet', () => import('@/visit/SheetPage.vue'), 'For the groomer'),
        dogView('dog/trust', () => import('@/trust/TrustPage.vue'), 'Trust'),
        dogView('dog/trust/why', () => import('@/trust/WhyPage.vue'), 'Why does it mind?'),
        dogView('dog/trust/fuss', () => import('@/trust/FussPage.vue'), 'Fuss or fear?'),
        dogView('dog/trust/treats', () => import('@/trust/TreatsPage.vue'), 'Treats'),
        dogView('dog/trust/hands', () => import('@/trust/HandsPage.vue'), 'Positions and helpers'),
        // Old addresses lead on.
        { path: ':old(when|routine|tools|trust|care|groom|coat|about|brushed)/:rest(.*)?', redirect: movedTo },
      ],
    },
    {
      path: '/dogs/:dogId(\\d+)/sessions/:sessionId',
      component: () => import('@/session/SessionPage.vue'),
      props: (route) => ({ dogId: Number(route.params.dogId), sessionId: String(route.params.sessionId) }),
      meta: { title: 'Brushing', bare: true },
    },
    {
      path: '/dogs/:dogId(\\d+)/practice',
      component: () => import('@/trust/PracticePage.vue'),
      props: (route) => ({
        dogId: Number(route.params.dogId),
        subject: String(route.query.subject),
        section: route.query.section,
      }),
      meta: { title: 'Practice', bare: true },
    },
    ...jobs(),
    { path: '/:rest(.*)', component: () => import('./NowhereView.vue'), meta: { title: 'Nothing here' } },
  ],
})

/** Where what stood at an old address is now. */
function movedTo(to: RouteLocation): RouteLocationRaw {
  const { dogId, old, rest } = to.params as { dogId: string; old: keyof typeof MOVED; rest?: string }
  const place = old === 'groom' && rest === 'sheet' ? 'dog/sheet' : `${MOVED[old]}${rest ? `/${rest}` : ''}`
  return {
    path: `/dogs/${dogId}/${place.replace('today/routine/methods', 'today/methods')}`,
    query: to.query,
    hash: to.hash,
  }
}

watchForLost(router)

router.afterEach((to) => {
  document.title = to.meta.title ? `${to.meta.title} · Rustic Tangle` : 'Rustic Tangle'
})

function dogView(path: string, component: () => Promise<unknown>, title: string) {
  return {
    path,
    component: component as () => Promise<{ default: object }>,
    meta: { title },
    props: (route: { params: Record<string, unknown> }) => ({ dogId: Number(route.params.dogId) }),
  }
}

/** Each job at the table on a screen of its own. */
function jobs() {
  const own = {
    'look-over': () => import('@/care/LookOverPage.vue'),
    nails: () => import('@/care/NailsPage.vue'),
    bath: () => import('@/care/BathPage.vue'),
  }
  return [
    ...Object.entries(own).map(([job, component]) => ({
      path: `/dogs/:dogId(\\d+)/care/${job}`,
      component,
      props: (route: { params: Record<string, unknown> }) => ({ dogId: Number(route.params.dogId) }),
      meta: { title: 'At the table', bare: true },
    })),
    {
      path: '/dogs/:dogId(\\d+)/care/:job(teeth|eyes|ears|feet)',
      component: () => import('@/care/JobPage.vue'),
      props: (route: { params: Record<string, unknown> }) => ({
        dogId: Number(route.params.dogId),
        job: String(route.params.job).toUpperCase(),
      }),
      meta: { title: 'At the table', bare: true },
    },
  ]
}
