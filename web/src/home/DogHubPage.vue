<script setup lang="ts">
import { computed } from 'vue'
import { useDogView } from '@/api/queries'
import CoatSide from '@/bodymap/CoatSide.vue'
import { useCoat, useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import { kindOf } from '@/dog/words'
import PageState from '@/shell/PageState.vue'
import { places } from '@/shell/numbers'
import { useUnits } from '@/shell/useUnits'

/** All that stands about a dog itself, each with what is known of it. */
const props = defineProps<{ dogId: number }>()

const { length, weighed } = useUnits()
const dog = useDog(() => props.dogId)
const coat = useCoat(() => props.dogId)
const trust = useDogView('trust', () => props.dogId)
const drawn = useDrawnDog(() => props.dogId)
const form = computed(() => dog.data.value?.form)
const body = computed(() => coat.data.value?.regions.find((hair) => hair.region === 'BODY'))
/** Where it is ready to be brushed, and where it still learns. */
const ready = computed(() => {
  const all = trust.data.value?.standings ?? []
  const learning = all.filter((one) => !one.readyForBrushing).length
  return !all.length ? '' : learning ? `${places(learning)} in training` : 'ready everywhere'
})
const rows = computed(() => {
  const to = (page: string) => `/dogs/${props.dogId}/dog/${page}`
  return [
    {
      to: to('coat'),
      title: 'Coat',
      says:
        coat.data.value && body.value
          ? `${kindOf({ coat: coat.data.value })}, ${length(body.value.millimetres)} on the body`
          : '',
    },
    { to: to('coat/measure'), title: 'Measure', says: 'lengths over the months, with a ruler' },
    {
      to: to('looks'),
      title: 'Looks and weight',
      says: [form.value?.breed, form.value && (weighed(form.value) || 'not weighed yet')].filter(Boolean).join(', '),
    },
    { to: to('trust'), title: 'Trust', says: ready.value },
    { to: to('trust/treats'), title: 'Treats', says: 'how many, how small' },
    { to: to('trust/hands'), title: 'Positions and helpers', says: 'where it is brushed, and in which words' },
    { to: to('trust/why'), title: 'Why does it mind?', says: 'the brush, the hand, a tangle, fear or pain' },
    { to: to('sheet'), title: 'For the groomer', says: 'one page to hand over' },
    {
      to: `/dogs/${props.dogId}/days/groom#trade`,
      title: 'Length, minutes and money',
      says: 'what a shorter clip would save',
    },
    {
      to: '/settings',
      title: 'How often',
      says: 'minutes against small mats',
    },
  ]
})
</script>

<template>
  <PageState
    :pending="!dog.data.value || coat.data.value === undefined || !trust.data.value"
    :error="dog.error.value ?? coat.error.value ?? trust.error.value"
    @retry="(dog.refetch(), coat.refetch(), trust.refetch())"
  >
    <div class="grid grid-cols-[1fr_1.3fr] gap-y-20 gap-x-48 items-start max-sm:grid-cols-1">
      <figure
        class="m-0 sticky top-20 max-sm:static max-sm:max-w-220 max-sm:my-0 max-sm:mx-auto"
        aria-hidden="true"
        inert
      >
        <CoatSide side="LEFT" :names="{}" :dog="drawn" still />
      </figure>
      <ul class="list-none p-0">
        <li v-for="row in rows" :key="row.to">
          <router-link
            class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] gap-y-2 gap-x-16 items-baseline min-h-52 py-12 px-4 text-inherit no-underline seam-b hover:bg-wool/60 max-sm:grid-cols-1 max-sm:py-9 max-sm:px-2"
            :to="row.to"
            ><b class="slab text-lg">{{ row.title }}</b
            ><span>{{ row.says }}</span></router-link
          >
        </li>
      </ul>
    </div>
  </PageState>
</template>
