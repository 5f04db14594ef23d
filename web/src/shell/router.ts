import { createRouter, createWebHistory } from 'vue-router'
import { watchForLost } from './useLost'

declare module 'vue-router' {
  interface RouteMeta {
    title?: string
    bare?: boolean
  }
}

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', component: () => import('@/home/HomePage.vue'), meta: { title: 'Home' } },
    { path: '/week', component: () => import('@/plan/WeekPage.vue'), meta: { title: 'The days to come' } },
    { path: '/messages', component: () => import('@/plan/MessagesPage.vue'), meta: { title: 'Messages' } },
    {
      path: '/drawer/supplies',
      component: () => import('@/care/SuppliesPage.vue'),
      meta: { title: 'What lies ready' },
    },
    { path: '/drawer', component: () => import('@/kit/DrawerPage.vue'), meta: { title: 'The drawer' } },
    { path: '/settings', component: () => import('@/household/SettingsPage.vue'), meta: { title: 'Settings' } },
    { path: '/dogs/new', component: () => import('@/dog/DogPage.vue'), meta: { title: 'A new dog' } },
    {
      path: '/dogs/:dogId(\\d+)',
      component: () => import('@/dog/DogLayout.vue'),
      props: (route) => ({ dogId: Number(route.params.dogId) }),
      children: [
        { path: '', redirect: (to) => `${to.path.replace(/\/$/, '')}/when` },
        dogView('when', () => import('@/rhythm/WhenPage.vue'), 'When'),
        dogView('when/thread', () => import('@/plan/ThreadPage.vue'), 'The thread'),
        dogView('when/learned', () => import('@/rhythm/LearnedPage.vue'), 'What it learned'),
        dogView('when/history', () => import('@/session/HistoryPage.vue'), 'What was done'),
        dogView('routine', () => import('@/routine/RoutinePage.vue'), 'Routine'),
        dogView('routine/methods', () => import('@/routine/MethodsPage.vue'), 'With your hands'),
        dogView('tools', () => import('@/kit/KitPage.vue'), 'Tools'),
        dogView('tools/buy', () => import('@/buy/BuyPage.vue'), 'What to buy'),
        dogView('tools/schools', () => import('@/plan/SchoolsPage.vue'), 'Schools'),
        dogView('tools/lesson', () => import('@/kit/LessonPage.vue'), 'Your hand'),
        dogView('tools/card', () => import('@/kit/KitCardPage.vue'), 'Kit card'),
        dogView('brushed', () => import('@/session/BrushedPage.vue'), 'I brushed already'),
        dogView('trust', () => import('@/trust/TrustPage.vue'), 'Trust'),
        dogView('trust/why', () => import('@/trust/WhyPage.vue'), 'Why does it mind?'),
        dogView('trust/fuss', () => import('@/trust/FussPage.vue'), 'Fuss or fear?'),
        dogView('trust/treats', () => import('@/trust/TreatsPage.vue'), 'Treats'),
        dogView('trust/hands', () => import('@/trust/HandsPage.vue'), 'Positions and helpers'),
        dogView('care', () => import('@/care/CarePage.vue'), 'At the table'),
        dogView('groom', () => import('@/visit/GroomPage.vue'), 'The groomer'),
        dogView('groom/sheet', () => import('@/visit/SheetPage.vue'), 'For the groomer'),
        dogView('coat', () => import('@/coat/CoatPage.vue'), 'Coat'),
        dogView('coat/finder', () => import('@/coat/FinderPage.vue'), 'Coat finder'),
        dogView('coat/measure', () => import('@/coat/MeasurePage.vue'), 'Measure'),
        dogView('coat/card', () => import('@/coat/CoatCardPage.vue'), 'Coat card'),
        dogView('about', () => import('@/dog/DogPage.vue'), 'About'),
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
