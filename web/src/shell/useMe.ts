import { computed } from 'vue'
import { FOR_GOOD, useView } from '@/api/queries'

/** Whether this page is shown at the machine itself, and what its device may where it is not. */
export function useMe() {
  const me = useView('me', FOR_GOOD)
  return {
    atTheMachine: computed(() => !!me.data.value && !me.data.value.role),
    /** Settings, dogs and kit are an owner's to change. */
    owner: computed(() => (me.data.value?.role ?? 'OWNERS') === 'OWNERS'),
  }
}
