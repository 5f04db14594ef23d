import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount, RouterLinkStub } from '@vue/test-utils'
import type { Component } from 'vue'
import { vuetify } from './theme'

const HOUSEHOLD = { lengthUnit: 'MILLIMETRES', massUnit: 'KILOGRAMS', dateFormat: 'DAY_MONTH', currency: 'EUR' }

/**
 * A component as it stands on a page.
 *
 * @param known what the server has told already, by the key it is kept under
 */
export function show(component: Component, props: object, known: Record<string, unknown> = {}) {
  const queryClient = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } })
  Object.entries({ household: HOUSEHOLD, ...known }).forEach(([key, told]) => queryClient.setQueryData([key], told))
  return mount(component, {
    props: props as Record<string, unknown>,
    attachTo: document.body,
    global: {
      plugins: [[VueQueryPlugin, { queryClient }], vuetify],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
}

/** A key pressed wherever the focus is. */
export function press(key: string, at: EventTarget = document.body) {
  at.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
}
