<script setup lang="ts">
import choices from '@/api/choices'
import facts from '@/api/facts'
import { money } from '@/shell/numbers'
import { computed, ref, watch } from 'vue'
import { detailsOf } from '@/api/client'
import { useRoute } from 'vue-router'
import { useSections } from '@/api/queries'
import type { PriceForm, Section, VisitForm } from '@/api/types'
import { labelOf } from '@/api/words'
import CoatMap from '@/bodymap/CoatMap.vue'
import { useDrawnDog } from '@/coat/useCoat'
import DateField from '@/shell/DateField.vue'
import LengthField from '@/shell/LengthField.vue'
import NumberField from '@/shell/NumberField.vue'
import SubNav from '@/shell/SubNav.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { inDays, useUnits } from '@/shell/useUnits'
import TimeField from '@/shell/TimeField.vue'
import DidItTakePlace from './DidItTakePlace.vue'
import { dayPages } from '@/rhythm/pages'
import TradePanel from './TradePanel.vue'
import { asSet, useGroomFile, useSetGroom, useTrade, useVisits, type TradeQuestion } from './useVisits'
import ActKey from '@/shell/ActKey.vue'

/** The groomer: when next, what was, and what length, minutes and money ask of one another. */
const props = defineProps<{ dogId: number }>()

const { date, length, say } = useUnits()
const { tell } = useNotice()
const { visits, put, remove, setPrice } = useVisits(() => props.dogId)
const groom = useSetGroom(() => props.dogId)
const fromFile = useGroomFile(() => props.dogId)
const question = ref<TradeQuestion>({})
const trade = useTrade(() => props.dogId, question)

const view = computed(() => visits.data.value)
const pays = computed(() => money(view.value?.currency ?? 'EUR', 2))
const EMPTY: VisitForm & { day: string } = {
  day: '',
  remarks: '',
  found: '',
  takeOver: true,
  care: [],
  scope: 'FULL_GROOM',
  places: [],
}
const { draft, start, clear, forget } = useDraft<VisitForm & { day: string }>(`visit-${props.dogId}`)
start(EMPTY)
const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
/** Asked at home whether it took place: less of it did. */
const asked = useRoute().query['visit']
if (typeof asked === 'string') draft.value = { ...EMPTY, day: asked, scope: 'TIDY' }
const price = ref<PriceForm>()
watch(
  view,
  (now) => {
    if (now && !price.value) price.value = { ...now.price }
  },
  { immediate: true },
)

async function setGroom(day: string | undefined, hour = view.value?.nextHour?.slice(0, 5)) {
  const before = asSet(view.value)
  if (await groom.mutateAsync(day ? { day, hour } : undefined).catch(() => undefined))
    tell(day ? `The groom is on ${date(day)}${hour ? ` at ${hour}` : ''}.` : 'No groom is set.', () =>
      groom.mutate(before),
    )
}
/** Taken over at once; the field is empty again. */
const calendarFile = ref<File>()
async function takeFile() {
  const text = await calendarFile.value?.text()
  calendarFile.value = undefined
  if (text === undefined) return
  const before = asSet(view.value)
  const taken = await fromFile.mutateAsync(text).catch(() => undefined)
  const zone = taken?.zoneUnknown ? ' Its time zone is not known here: the time was taken as yours.' : ''
  if (taken) tell(`${taken.summary || 'The groom'}: ${date(taken.day)}.${zone}`, () => groom.mutate(before))
}
const visitDay = computed({ get: () => draft.value!.day || undefined, set: (day) => (draft.value!.day = day ?? '') })
async function keep() {
  const { day, ...said } = draft.value!
  if (Number.isNaN(said.price)) return
  const form = asScope(said)
  const before = view.value!.past.find((visit) => visit.day === day)
  if (!(await put.mutateAsync({ day, form }).catch(() => undefined))) return
  forget(EMPTY)
  clear()
  tell(`The visit of ${date(day)} is kept.`, () => (before ? put.mutate({ day, form: before }) : remove.mutate(day)))
}
/** What does not belong to a visit of that scope is left out. */
function asScope(form: VisitForm): VisitForm {
  const cuts = form.scope !== 'NAILS' && form.scope !== 'BATH_AND_DRY'
  return {
    ...form,
    leftMillimetres: cuts ? form.leftMillimetres : undefined,
    takeOver: form.takeOver && form.scope === 'FULL_GROOM',
    places: form.scope === 'PLACES' ? form.places : undefined,
  }
}
function toggle(section: Section) {
  const places = draft.value!.places ?? []
  draft.value!.places = places.includes(section) ? places.filter((one) => one !== section) : [...places, section]
}
async function takeAway(day: string) {
  const before = view.value!.past.find((visit) => visit.day === day)!
  if (await remove.mutateAsync(day).catch(() => undefined))
    tell(`The visit of ${date(day)} is gone.`, () => put.mutate({ day, form: before }))
}
async function keepPrice() {
  if (Object.values(price.value!).some(Number.isNaN)) return
  const before = view.value!.price
  if (await setPrice.mutateAsync(price.value!).catch(() => undefined))
    tell('The price is kept.', () => {
      price.value = { ...before }
      setPrice.mutate(before)
    })
}
</script>

<template>
  <PageState
    :pending="!view || !trade.data.value || !price"
    :error="visits.error.value ?? trade.error.value"
    @retry="visits.refetch()"
  >
    <SubNav label="What comes, and what was" :pages="dayPages(dogId)" />
    <div
      v-if="view && trade.data.value && price && draft"
      class="page grid grid-cols-[minmax(320px,5fr)_7fr] gap-y-20 gap-x-48 items-start max-md:grid-cols-1"
    >
      <div>
        <section aria-labelledby="next">
          <h2 id="next">The next groom</h2>
          <DidItTakePlace
            v-for="day in view.unconfirmed"
            :key="day"
            :dog-id="dogId"
            :day="day"
            @happened="draft = { ...EMPTY, day: $event }"
            @less="draft = { ...EMPTY, day: $event, scope: 'TIDY' }"
          />
          <p v-if="view.next" class="slab day text-5xl" data-test="groom">
            {{ date(view.next) }}<template v-if="view.nextHour"> at {{ view.nextHour.slice(0, 5) }}</template>
            <small class="font-sans font-normal text-base leading-plain ml-10">{{
              inDays(view.today, view.next)
            }}</small>
          </p>
          <p v-else>None is set.<template v-if="!view.proposed"> This coat sees a groomer when needed.</template></p>
          <p v-if="view.proposed" class="quiet">{{ say(view.proposed.why.text) }}</p>
          <div class="acts flex flex-wrap gap-y-14 gap-x-16 items-center my-12 mx-0">
            <DateField
              class="min-w-200"
              :label="view.next ? 'Move it to' : 'Set it for'"
              :model-value="view.next"
              @update:model-value="setGroom"
            />
            <TimeField
              v-if="view.next"
              class="max-w-120"
              label="at"
              :model-value="view.nextHour"
              @update:model-value="setGroom(view.next, $event)"
            />
            <ActKey v-if="!view.next && view.proposed" color="secondary" @click="setGroom(view.proposed.day)">{{
              date(view.proposed.day)
            }}</ActKey>
            <button v-if="view.next" type="button" class="link" @click="setGroom(undefined)">no groom</button>
            <v-file-input
              v-model="calendarFile"
              class="min-w-260"
              label="or out of the groomer’s calendar file"
              accept=".ics,text/calendar"
              @update:model-value="takeFile"
            />
          </div>
          <p v-if="groom.error.value ?? fromFile.error.value" class="caution" role="alert">
            <strong>{{ detailsOf(groom.error.value ?? fromFile.error.value) }}</strong>
          </p>
          <p
            v-if="view.restart"
            class="border-l-5 border-l-heather pt-4 pr-0 pb-4 pl-14"
            :data-rule="view.restart.rule"
          >
            {{ say(view.restart.text) }} <router-link :to="`/dogs/${dogId}/dog/trust`">Practice</router-link>
          </p>
          <p><router-link :to="`/dogs/${dogId}/days/thread`">What to expect until then</router-link></p>
        </section>
        <hr class="seam" />
        <section aria-labelledby="price">
          <h2 id="price">What it costs</h2>
          <form class="flex flex-wrap gap-y-14 gap-x-14 items-start mt-12" @submit.prevent="keepPrice">
            <NumberField
              v-for="[key, title] in [
                ['price', 'a visit'],
                ['tip', 'tip'],
                ['membership', 'membership a month'],
                ['credit', 'credit it gives a month'],
                ['surcharge', 'more if it is matted'],
              ] as const"
              :key="key"
              v-model="price[key]"
              class="flex-[1_1_150px] max-w-240"
              :label="title"
              :suffix="view.currency"
            />
            <ActKey type="submit" variant="outlined" :loading="setPrice.isPending.value">Keep</ActKey>
          </form>
          <p v-if="setPrice.error.value" class="caution" role="alert">
            <strong>{{ detailsOf(setPrice.error.value) }}</strong>
          </p>
        </section>
        <hr class="seam" />
        <section aria-labelledby="past">
          <h2 id="past">Visits that were</h2>
          <p v-if="!view.past.length" class="quiet">
            None kept yet. What the groomer found and how long the hair was left helps the next time.
          </p>
          <ul class="past list-none p-0">
            <li v-for="visit in view.past" class="seam-t py-6 px-0" :key="visit.day">
              <b>{{ date(visit.day) }}</b>
              {{
                [
                  labelOf('VisitScope', visit.scope),
                  visit.weeksSince !== undefined && `after ${visit.weeksSince} weeks`,
                  visit.leftMillimetres !== undefined && `${length(visit.leftMillimetres)} left`,
                  visit.price !== undefined && pays(visit.price),
                ]
                  .filter(Boolean)
                  .join(', ')
              }}
              <span v-if="visit.care.length" class="block text-md"
                >Also: {{ visit.care.map((job) => labelOf('CareJob', job)).join(', ') }}</span
              >
              <span v-if="visit.found" class="block text-md">Found: {{ visit.found }}</span
              ><span v-if="visit.remarks" class="block text-md">{{ visit.remarks }}</span>
              <button
                type="button"
                class="link"
                :aria-label="`Take away the visit of ${date(visit.day)}`"
                @click="takeAway(visit.day)"
              >
                take away
              </button>
            </li>
          </ul>
          <details :open="Boolean(draft.day)">
            <summary class="dotted min-h-44 cursor-pointer py-10 px-0 w-fit">Keep a visit</summary>
            <form class="visit grid grid-cols-2 gap-y-14 gap-x-16 items-start pt-6" @submit.prevent="keep">
              <DateField v-model="visitDay" label="Day" :max="view.today" />
              <v-select
                v-model="draft.scope"
                class="wide"
                label="What was done"
                :items="choices.VisitScope.map((one) => ({ title: `${one.title}, ${one.hint}`, value: one.value }))"
              />
              <div v-if="draft.scope === 'PLACES'" class="wide">
                <p>Which places? Touch them on the dog.</p>
                <CoatMap :names="names" :dog="drawn" :selected="draft.places ?? []" @choose="toggle" />
                <p class="quiet">{{ (draft.places ?? []).map((section) => names[section]).join(', ') }}</p>
              </div>
              <LengthField
                v-if="draft.scope !== 'NAILS' && draft.scope !== 'BATH_AND_DRY'"
                v-model="draft.leftMillimetres"
                label="Hair left"
              />
              <NumberField v-model="draft.price" label="Price" :suffix="view.currency" />
              <v-textarea
                v-model="draft.found"
                class="wide"
                label="What the groomer found"
                :maxlength="facts.longestText"
              />
              <v-textarea v-model="draft.remarks" class="wide" label="Remarks" :maxlength="facts.longestText" />
              <fieldset class="wide border-0 p-0 flex flex-wrap gap-y-0 gap-x-18">
                <legend>Also done there</legend>
                <v-checkbox-btn
                  v-for="job in facts.jobsAtGroomers"
                  :key="job"
                  v-model="draft.care"
                  class="flex-none"
                  :value="job"
                  :label="labelOf('CareJob', job)"
                />
              </fieldset>
              <v-checkbox-btn
                v-if="draft.leftMillimetres && draft.scope === 'FULL_GROOM'"
                v-model="draft.takeOver"
                class="wide"
                label="The hair is that long all over now, where it grows on"
              />
              <ActKey type="submit" color="primary" :loading="put.isPending.value">Keep</ActKey>
            </form>
            <p v-if="put.error.value" class="caution" role="alert">
              <strong>{{ detailsOf(put.error.value) }}</strong>
            </p>
          </details>
        </section>
      </div>
      <TradePanel
        v-if="trade.data.value.clipped"
        :trade="trade.data.value"
        :currency="view.currency"
        :surcharge="view.price.surcharge"
        @ask="(asked) => (question = asked)"
      />
      <p v-else class="rest">
        This coat stops at its own length: nothing is clipped, so there is nothing to trade. A groomer helps with the
        bath, the season and what you cannot do at home.
      </p>
    </div>
  </PageState>
</template>

<style scoped>
a {
  color: inherit;
  text-underline-offset: 4px;
}
.wide {
  grid-column: 1 / -1;
}
</style>
