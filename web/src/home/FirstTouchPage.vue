<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { detailsOf } from '@/api/client'
import { useDogView, useSections } from '@/api/queries'
import type { FirstTouch } from '@/api/types'
import { subjectLabel } from '@/api/words'
import CoatSide from '@/bodymap/CoatSide.vue'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import AnswerStack from './AnswerStack.vue'
import FirstWeek from './FirstWeek.vue'
import PathStrands from './PathStrands.vue'
import { STEPS, useFirstAnswer } from './first'

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
const place = computed(() =>
  touch.data.value ? [touch.data.value.section && names.value[touch.data.value.section]].filter(Boolean).join() : '',
)
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
    <div v-if="touch.data.value && dog.data.value" class="touch" :class="{ given }">
      <figure aria-hidden="true" inert>
        <CoatSide
          side="LEFT"
          :names="names"
          :dog="drawn"
          :selected="touch.data.value.section ? [touch.data.value.section] : []"
          still
        />
        <figcaption v-if="place && !given">{{ place }}</figcaption>
      </figure>
      <section aria-labelledby="asked">
        <PathStrands :at="given ? STEPS.length + 1 : STEPS.length" :of="STEPS.length + 1" />
        <template v-if="!given">
          <h1 id="asked">Now one place, half a minute</h1>
          <p class="how" :data-rule="touch.data.value.how.rule">
            <b v-if="touch.data.value.subject">{{ subjectLabel(touch.data.value.subject) }}: </b>
            {{ say(touch.data.value.how.text) }}
          </p>
          <AnswerStack :answers="offers" :busy="answer.isPending.value" />
          <p v-if="answer.error.value" class="caution" role="alert">
            <strong>{{ detailsOf(answer.error.value) }}</strong>
          </p>
          <p><v-btn variant="text" to="/">Later</v-btn></p>
        </template>
        <template v-else>
          <h1 id="asked" ref="title" tabindex="-1">{{ dog.data.value.form.name }}’s week</h1>
          <p class="how" role="status" :data-rule="given.then.rule">{{ say(given.then.text) }}</p>
          <FirstWeek :dog-id="dogId" />
          <v-btn color="primary" size="large" to="/">To today</v-btn>
        </template>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.touch {
  display: grid;
  grid-template-columns: 1fr 1.15fr;
  gap: 20px 56px;
  align-items: center;
  min-height: min(560px, 70vh);
}
figure {
  margin: 0;
}
figcaption {
  text-align: center;
}
figcaption::first-letter {
  text-transform: uppercase;
}
section {
  min-width: 0;
  max-width: 600px;
}
h1 {
  font-size: 2rem;
  margin-bottom: 10px;
  outline: none;
}
.how {
  font-size: 1.5rem;
  line-height: 1.4;
  margin-bottom: 16px;
}
.given .how {
  font-size: 1.2rem;
}
.how b::first-letter {
  text-transform: uppercase;
}
/* A phone on its side has the dog beside the question. */
@media (max-width: 899px) and (orientation: landscape) {
  .touch {
    grid-template-columns: 200px 1fr;
    gap: 12px 28px;
    align-items: start;
  }
}
@media (max-width: 559px), (max-width: 899px) and (orientation: portrait) {
  .touch {
    grid-template-columns: 1fr;
    min-height: 0;
    gap: 6px;
  }
  figure {
    max-width: 230px;
    margin: 0 auto;
  }
  h1 {
    font-size: 1.6rem;
  }
}
</style>
