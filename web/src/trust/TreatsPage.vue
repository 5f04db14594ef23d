<script setup lang="ts">
import { computed, watch } from 'vue'
import { ApiProblem, messageOf } from '@/api/client'
import { useDogView } from '@/api/queries'
import WeighFirst from '@/dog/WeighFirst.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import WhyList from '@/shell/WhyList.vue'
import { useDraft } from '@/shell/useDraft'
import { useUnits } from '@/shell/useUnits'
import { trustPages } from './pages'
import { useSaveTreat } from './useTrust'
import { grams, kcal } from './words'
import ActKey from '@/shell/ActKey.vue'

const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const trust = useDogView('trust', () => props.dogId)
const save = useSaveTreat(() => props.dogId)
const view = computed(() => trust.data.value)

/** As the label says it: kcal in 100 g. */
const { draft, start, clear } = useDraft<{ kcalPer100: number; grams: number }>(`treat:${props.dogId}`)
watch(
  view,
  (now) =>
    now && start({ kcalPer100: Math.round(now.treat.kcalPerGram * 100), grams: Number(now.treat.grams.toFixed(2)) }),
  { immediate: true },
)
const fields = computed(() => (save.error.value instanceof ApiProblem ? save.error.value.fields : []))
function keep() {
  save.mutate(
    { kcalPerGram: Number(draft.value!.kcalPer100) / 100, grams: Number(draft.value!.grams) },
    { onSuccess: clear },
  )
}
</script>

<template>
  <SubNav label="Trust" :pages="trustPages(dogId)" />
  <PageState :pending="!view || !draft" :error="trust.error.value" @retry="trust.refetch()">
    <WeighFirst :dog-id="dogId" />
    <div v-if="view && draft" class="grid grid-cols-[1fr_420px] gap-48 items-start max-md:grid-cols-1 max-md:gap-24">
      <div>
        <h2>Today</h2>
        <p class="slab big text-5xl mt-2 mx-0 mb-8 max-md:text-3xl">
          {{ view.treats.piecesLeft }} {{ view.treats.piecesLeft === 1 ? 'piece' : 'pieces' }} left
        </p>
        <svg
          class="w-full max-w-460 mb-8"
          viewBox="0 0 400 26"
          role="img"
          :aria-label="`${kcal(view.treats.givenKcal)} of ${kcal(view.treats.allowedKcal)} given`"
        >
          <rect width="400" height="26" rx="9" class="fill-wool" />
          <rect
            :width="Math.min(400, (400 * view.treats.givenKcal) / view.treats.allowedKcal)"
            height="26"
            rx="9"
            class="given fill-heather"
          />
        </svg>
        <p>
          {{ view.treats.given }} given, {{ kcal(view.treats.givenKcal) }} of {{ kcal(view.treats.allowedKcal) }}: a
          tenth of the day’s {{ kcal(view.allowance.dayKcal) }}, for brushing and practice together.
        </p>
        <p v-if="view.treats.usedUp" class="caution">
          <strong>{{ say(view.treats.usedUp.text) }}</strong>
        </p>
        <hr class="seam" />
        <h2>How to cut them</h2>
        <p class="slab big text-5xl mt-2 mx-0 mb-8 max-md:text-3xl">
          {{ view.plan.dinner ? 'Part of the dinner' : `${view.plan.pieces} pieces of ${grams(view.plan.pieceGrams)}` }}
        </p>
        <p :data-rule="view.plan.why.rule">{{ say(view.plan.why.text) }}</p>
        <p class="caution"><strong>Never</strong> anything with xylitol, chocolate, grapes, raisins or onion.</p>
        <WhyList
          :reasons="view.today[0]?.reasons.filter((reason) => reason.rule === 'trust.treats') ?? []"
          label="How is that reckoned?"
        />
      </div>
      <form class="cloth py-24 px-28" @submit.prevent="keep">
        <h2>What is in the treat bag</h2>
        <v-text-field
          v-model="draft.kcalPer100"
          label="Energy by the label, kcal in 100 g"
          type="number"
          step="any"
          :error-messages="fields.filter((f) => f.field === 'kcalPerGram').map((f) => f.message)"
        />
        <v-text-field
          v-model="draft.grams"
          label="One piece, g"
          type="number"
          step="any"
          :error-messages="fields.filter((f) => f.field === 'grams').map((f) => f.message)"
        />
        <p class="quiet">
          Weigh ten pieces and divide. Until you have read a label, ordinary dry treats are taken for granted.
        </p>
        <ActKey type="submit" color="primary" :loading="save.isPending.value">Keep</ActKey>
        <p v-if="save.error.value && !fields.length" class="caution" role="alert">
          <strong>{{ messageOf(save.error.value) }}</strong>
        </p>
        <p v-if="save.isSuccess.value" role="status">Kept.</p>
      </form>
    </div>
  </PageState>
</template>

<style scoped>
.cloth > * {
  position: relative;
  z-index: 1;
  margin-bottom: 10px;
}
</style>
