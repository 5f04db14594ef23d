<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, detailsOf } from '@/api/client'
import { useChange, useDogView } from '@/api/queries'
import type { CoatForm, DogMonth } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'
import { useDog } from '@/dog/useDogs'
import { dayPages } from '@/rhythm/pages'
import PageState from '@/shell/PageState.vue'
import PhotoButton from '@/shell/PhotoButton.vue'
import ProgressLine from '@/shell/ProgressLine.vue'
import SubNav from '@/shell/SubNav.vue'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import { photoPath } from '@/trust/useLooks'
import HairOverMonths from './HairOverMonths.vue'
import { monthName } from './words'

/** One dog over the months: how it looked, how long its hair was, what that took, and what was found. */
const props = defineProps<{ dogId: number }>()

const { date, length, say } = useUnits()
const { tell } = useNotice()
const months = useDogView('months', () => props.dogId)
const dog = useDog(() => props.dogId)
const view = computed(() => months.data.value)
const path = computed(() => ({ dogId: props.dogId }))
const add = useChange(
  (body: { id: string; photo: string }) =>
    api.POST('/api/dogs/{dogId}/months/photos', { params: { path: path.value }, body }),
  () => ['months', props.dogId],
)
const remove = useChange(
  (entryId: string) =>
    api.DELETE('/api/dogs/{dogId}/months/photos/{entryId}', { params: { path: { ...path.value, entryId } } }),
  () => ['months', props.dogId],
)
const trouble = ref('')
const problem = computed(() => {
  const error = add.error.value ?? remove.error.value
  return trouble.value || (error ? detailsOf(error) : '')
})
/** Nothing is told of months before there was anything. */
const known = computed(() => {
  const all = view.value?.months ?? []
  const first = all.findIndex((one) => one.minutes || one.mats || one.photos.length)
  return first < 0 ? all.slice(-1) : all.slice(first)
})
const drawn = (coat: CoatForm) => drawnDog(coat, dog.data.value?.form)

async function keep(photo: string) {
  const id = crypto.randomUUID()
  if (await add.mutateAsync({ id, photo }).catch(() => undefined)) tell('The photo is kept.', () => remove.mutate(id))
}
const sum = (one: DogMonth) =>
  [
    length(Math.round(one.millimetres)),
    `${one.minutes} min`,
    one.mats && `${one.mats} ${one.mats === 1 ? 'mat' : 'mats'}`,
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <PageState
    :pending="!view || !dog.data.value"
    :error="months.error.value ?? dog.error.value"
    @retry="(months.refetch(), dog.refetch())"
  >
    <SubNav label="What comes, and what was" :pages="dayPages(dogId)" />
    <template v-if="view">
      <section v-if="view.restart" class="mb-22" aria-labelledby="ahead">
        <h2 id="ahead">Short now: so it will be</h2>
        <p :data-rule="view.restart.rule">{{ say(view.restart.text) }}</p>
        <ul class="list-none p-0 grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] gap-14 max-w-820 mt-8">
          <li v-for="one in view.ahead" :key="one.weeks">
            <span aria-hidden="true" inert><CoatSide side="LEFT" :names="{}" :dog="drawn(one.coat)" still /></span>
            <p class="text-center">
              <b>in {{ one.weeks }} weeks</b>, {{ length(Math.round(one.millimetres)) }}
            </p>
          </li>
        </ul>
      </section>
      <div class="grid grid-cols-[1fr_260px] gap-x-40 gap-y-12 items-start max-md:grid-cols-1">
        <section aria-labelledby="hair">
          <h2 id="hair">Hair, minutes, mats</h2>
          <HairOverMonths v-if="known.length > 1" :months="known" />
          <p class="quiet">
            The body’s hair; below each month the minutes it took<template v-if="known.some((one) => one.mats)"
              >, above it the mats that were found</template
            >.
          </p>
        </section>
        <section aria-labelledby="photo">
          <h2 id="photo">A photo</h2>
          <p>Standing, from its left side: before and after the groomer, in spring and in autumn.</p>
          <PhotoButton class="mt-10" :disabled="add.isPending.value" @taken="keep" @trouble="trouble = $event"
            >A photo of the whole dog</PhotoButton
          >
          <ProgressLine v-if="add.isPending.value" />
          <p v-if="problem" class="caution" role="alert">
            <strong>{{ problem }}</strong>
          </p>
        </section>
      </div>
      <h2 class="mt-18">How it looked</h2>
      <ul
        class="list-none p-0 grid grid-cols-[repeat(auto-fill,minmax(180px,1fr))] gap-x-18 gap-y-22 max-sm:grid-cols-2"
      >
        <li v-for="one in [...known].reverse()" :key="one.month">
          <figure v-for="photo in one.photos" :key="photo.entry" class="mb-8">
            <img
              class="w-full rounded-cut"
              :src="photoPath(dogId, photo.photo)"
              :alt="`The whole dog, ${date(photo.day)}`"
              loading="lazy"
            />
            <figcaption class="text-sm">
              {{ date(photo.day) }}
              <button
                type="button"
                class="link"
                :aria-label="`Take away the photo of ${date(photo.day)}`"
                :disabled="remove.isPending.value"
                @click="remove.mutate(photo.entry)"
              >
                take away
              </button>
            </figcaption>
          </figure>
          <span v-if="!one.photos.length" aria-hidden="true" inert
            ><CoatSide side="LEFT" :names="{}" :dog="drawn(one.coat)" still
          /></span>
          <p class="text-center">
            <b>{{ monthName(one.month, true) }}</b><br />{{ sum(one) }}
          </p>
        </li>
      </ul>
      <p v-if="view.allOver.length" class="mt-18">
        A comb ran free all over on <b>{{ view.allOver.slice(-6).map(date).join(', ') }}</b>.
      </p>
    </template>
  </PageState>
</template>
