import { QueryClient } from '@tanstack/vue-query'
import { toValue } from 'vue'

/**
 * Keeps what was answered, and asks anew after a change. What was asked for before the change and is still on its way is
 * given up: the library would take a first answer, or that of a page left meanwhile, for the new one and keep it.
 */
export class FreshClient extends QueryClient {
  override invalidateQueries: QueryClient['invalidateQueries'] = (filters, options) => {
    this.getQueryCache()
      .findAll({ ...toValue(filters), fetchStatus: 'fetching' })
      .forEach((query) => void query.cancel({ silent: true }))
    return super.invalidateQueries(filters, options)
  }
}
