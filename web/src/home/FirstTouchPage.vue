<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { detailsOf } from '@/api/client'
import { useDogView, useSections } from '@/api/queries'
import type { FirstTouch } from '@/api/types'
import { subjectLabel } from '@/api/words'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import AnswerStack from './AnswerStack.vue'
import FirstWeek from './FirstWeek.vue'
import PathFrame from './PathFrame.vue'
import { STEPS, useFirstAnswer } from './first'
import ActKey from '@/shell/ActKey.vue'

/** Now one place, half a minute; and then the week. */
const props = defineProps<{ dogId: number }>()
type Offer = FirstTouch['offers'][number]

const { names } = useSections()
const { say } = useUnits()
const dog = useDog(() => props.dogId)
const drawn = useDrawnDog(() => props.dogId)
const touch = useDogView('first-touch', () => props.dogId, { staleTime: Infinity })
const answer = useFirstAnswer(() => props.dogId)

const caught = ref(false)
const given = ref<Offer>()
const offers = computed<{ title: string; hint: string; press: () => void }[]>(() => {
  const all = touch.data.value?.offers ?? []
  const out = all.find((offer) => offer.outcome === 'OUT')
  const asButtons = (some: Offer[]) =>
    some.map((offer) => ({ title: offer.title, hint: offer.hint, press: () => void give(offer) }))
  // What caught is looked at before it is said what came of it.
  if (!out) return asButtons(all)
  const middle = all.filter((offer) => offer === out || offer.outcome === 'NOT_YET')
  if (caught.value) return asButtons(middle)
  const [free, left] = asButtons(all.filter((offer) => !middle.includes(offer)))
  return [free!, { title: 'It caught', hint: '', press: () => (caught.value = true) }, left!]
})
const place = computed(() => touch.data.value?.section && names.value[touch.data.value.section])
const title = ref<HTMLElement>()
async function give(offer: Offer) {
  if ((await answer.mutateAsync(offer.outcome).catch(() => false)) === false) return
  given.value = offer
  await nextTick()
  title.value?.focus()
}
</script>

<template>
  <PageState
    :pending="!touch.data.value || !dog.data.value"
    :error="touch.error.value ?? dog.error.value"
    @retry="touch.refetch()"
  >
    <PathFrame
      v-if="touch.data.value && dog.data.value"
      :dog="drawn"
      :at="given ? STEPS.length + 1 : STEPS.length"
      :place="touch.data.value.section"
      :caption="given ? undefined : place"
    >
      <template v-if="!given">
        <h1 id="asked">Now one place, half a minute</h1>
        <p class="how text-3xl leading-snug mb-16" :data-rule="touch.data.value.how.rule">
          <b v-if="touch.data.value.subject">{{ subjectLabel(touch.data.value.subject) }}: </b>
          {{ say(touch.data.value.how.text) }}
        </p>
        <AnswerStack :answers="offers" :busy="answer.isPending.value" />
        <p v-if="answer.error.value" class="caution" role="alert">
          <strong>{{ detailsOf(answer.error.value) }}</strong>
        </p>
        <p><ActKey variant="text" to="/">Later</ActKey></p>
      </template>
      <template v-else>
        <h1 id="asked" ref="title" tabindex="-1">{{ dog.data.value.form.name }}’s week</h1>
        <p class="how then leading-snug mb-16 text-xl" role="status" :data-rule="given.then.rule">
          {{ say(given.then.text) }}
        </p>
        <FirstWeek :dog-id="dogId" />
        <ActKey color="primary" size="large" to="/">To today</ActKey>
      </template>
    </PathFrame>
  </PageState>
</template>

<style scoped>
.how b::first-letter {
  text-transform: uppercase;
}
</style>
