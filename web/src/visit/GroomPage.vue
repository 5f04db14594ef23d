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
import LengthField from '@/shell/LengthField.vue'
import SubNav from '@/shell/SubNav.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { inDays, useUnits } from '@/shell/useUnits'
import { vShown } from '@/shell/shown'
import DidItTakePlace from './DidItTakePlace.vue'
import { dayPages } from '@/rhythm/pages'
import TradePanel from './TradePanel.vue'
import { asSet, useGroomFile, useSetGroom, useTrade, useVisits, type TradeQuestion } from './useVisits'

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
async function takeFile(event: Event) {
  const input = event.target as HTMLInputElement
  const text = await input.files?.[0]?.text()
  input.value = ''
  if (text === undefined) return
  const before = asSet(view.value)
  const taken = await fromFile.mutateAsync(text).catch(() => undefined)
  const zone = taken?.zoneUnknown ? ' Its time zone is not known here: the time was taken as yours.' : ''
  if (taken) tell(`${taken.summary || 'The groom'}: ${date(taken.day)}.${zone}`, () => groom.mutate(before))
}
async function keep() {
  const { day, ...said } = draft.value!
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
    <div v-if="view && trade.data.value && price && draft" class="page">
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
          <p v-if="view.next" class="slab day" data-test="groom">
            {{ date(view.next) }}<template v-if="view.nextHour"> at {{ view.nextHour.slice(0, 5) }}</template>
            <small>{{ inDays(view.today, view.next) }}</small>
          </p>
          <p v-else>None is set.<template v-if="!view.proposed"> This coat sees a groomer when needed.</template></p>
          <p v-if="view.proposed" class="quiet">{{ say(view.proposed.why.text) }}</p>
          <div class="acts">
            <label
              >{{ view.next ? 'Move it to' : 'Set it for' }}
              <input
                type="date"
                v-shown="view.next"
                @change="setGroom(($event.target as HTMLInputElement).value || undefined)"
            /></label>
            <label v-if="view.next"
              >at
              <input
                type="time"
                v-shown="view.nextHour?.slice(0, 5)"
                @change="setGroom(view.next, ($event.target as HTMLInputElement).value)"
            /></label>
            <v-btn v-if="!view.next && view.proposed" color="secondary" @click="setGroom(view.proposed.day)">{{
              date(view.proposed.day)
            }}</v-btn>
            <button v-if="view.next" type="button" class="link" @click="setGroom(undefined)">no groom</button>
            <label class="file"
              >or out of the groomer’s calendar file <input type="file" accept=".ics,text/calendar" @change="takeFile"
            /></label>
          </div>
          <p v-if="groom.error.value ?? fromFile.error.value" class="caution" role="alert">
            <strong>{{ detailsOf(groom.error.value ?? fromFile.error.value) }}</strong>
          </p>
          <p v-if="view.restart" class="restart" :data-rule="view.restart.rule">
            {{ say(view.restart.text) }} <router-link :to="`/dogs/${dogId}/dog/trust`">Practice</router-link>
          </p>
          <p><router-link :to="`/dogs/${dogId}/days/thread`">What to expect until then</router-link></p>
        </section>
        <hr class="seam" />
        <section aria-labelledby="price">
          <h2 id="price">What it costs</h2>
          <form class="price" @submit.prevent="keepPrice">
            <label
              v-for="[key, title] in [
                ['price', 'a visit'],
                ['tip', 'tip'],
                ['membership', 'membership a month'],
                ['credit', 'credit it gives a month'],
                ['surcharge', 'more if it is matted'],
              ] as const"
              :key="key"
              >{{ title }}
              <input
                v-model.number="price[key]"
                type="number"
                min="0"
                step="0.5"
                required
                :aria-label="`${title}, ${view.currency}`"
            /></label>
            <v-btn type="submit" variant="outlined" :loading="setPrice.isPending.value">Keep</v-btn>
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
          <ul class="past">
            <li v-for="visit in view.past" :key="visit.day">
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
              <span v-if="visit.care.length"
                >Also: {{ visit.care.map((job) => labelOf('CareJob', job)).join(', ') }}</span
              >
              <span v-if="visit.found">Found: {{ visit.found }}</span
              ><span v-if="visit.remarks">{{ visit.remarks }}</span>
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
            <summary>Keep a visit</summary>
            <form class="visit" @submit.prevent="keep">
              <label>Day <input v-model="draft.day" type="date" :max="view.today" required /></label>
              <label
                >What was done
                <select v-model="draft.scope">
                  <option v-for="one in choices.VisitScope" :key="one.value" :value="one.value">
                    {{ one.title }}, {{ one.hint }}
                  </option>
                </select></label
              >
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
              <label
                >Price, {{ view.currency }} <input v-model.number="draft.price" type="number" min="0" step="0.5"
              /></label>
              <label class="wide"
                >What the groomer found <textarea v-model="draft.found" rows="2" :maxlength="facts.longestText" />
              </label>
              <label class="wide"
                >Remarks <textarea v-model="draft.remarks" rows="2" :maxlength="facts.longestText" />
              </label>
              <fieldset class="wide">
                <legend>Also done there</legend>
                <label v-for="job in facts.jobsAtGroomers" :key="job" class="tick"
                  ><input v-model="draft.care" type="checkbox" :value="job" /> {{ labelOf('CareJob', job) }}</label
                >
              </fieldset>
              <label v-if="draft.leftMillimetres && draft.scope === 'FULL_GROOM'" class="wide tick"
                ><input v-model="draft.takeOver" type="checkbox" /> The hair is that long all over now, where it grows
                on</label
              >
              <v-btn type="submit" color="primary" :loading="put.isPending.value">Keep</v-btn>
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
.visit select {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
.visit label:has(select) {
  grid-column: 1 / -1;
  min-width: 0;
  max-width: 100%;
}
.page {
  display: grid;
  grid-template-columns: minmax(320px, 5fr) 7fr;
  gap: 20px 48px;
  align-items: start;
}
.day {
  font-size: 2rem;
}
.day small {
  font: 400 1rem var(--sans);
  margin-left: 10px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin: 8px 0;
}
a {
  color: inherit;
  text-underline-offset: 4px;
}
input[type='date'],
input[type='number'],
textarea {
  min-height: 44px;
  padding: 6px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  color-scheme: light dark;
}
.file input {
  max-width: 220px;
  font-size: 0.9rem;
}
.restart {
  border-left: 5px solid rgb(var(--v-theme-heather));
  padding: 4px 0 4px 14px;
}
.price {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
}
.price label {
  display: grid;
  font-size: 0.92rem;
}
.price input {
  width: 6.2em;
  text-align: right;
}
.past {
  list-style: none;
  padding: 0;
}
.past li {
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding: 6px 0;
}
.past span {
  display: block;
  font-size: 0.95rem;
}
summary {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
  cursor: pointer;
}
summary {
  padding: 10px 0;
  width: fit-content;
}
.visit {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
  align-items: end;
}
.visit label {
  display: grid;
}
fieldset {
  border: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
}
.visit .wide {
  grid-column: 1 / -1;
}
.visit .tick {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
@media (max-width: 899px) {
  .page {
    grid-template-columns: 1fr;
  }
}
</style>
