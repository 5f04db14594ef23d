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
    <div v-if="view && draft" class="two">
      <div>
        <h2>Today</h2>
        <p class="slab big">
          {{ view.treats.piecesLeft }} {{ view.treats.piecesLeft === 1 ? 'piece' : 'pieces' }} left
        </p>
        <svg
          class="bar"
          viewBox="0 0 400 26"
          role="img"
          :aria-label="`${kcal(view.treats.givenKcal)} of ${kcal(view.treats.allowedKcal)} given`"
        >
          <rect width="400" height="26" rx="9" class="all" />
          <rect
            :width="Math.min(400, (400 * view.treats.givenKcal) / view.treats.allowedKcal)"
            height="26"
            rx="9"
            class="given"
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
        <p class="slab big">
          {{ view.plan.dinner ? 'Part of the dinner' : `${view.plan.pieces} pieces of ${grams(view.plan.pieceGrams)}` }}
        </p>
        <p :data-rule="view.plan.why.rule">{{ say(view.plan.why.text) }}</p>
        <p class="caution"><strong>Never</strong> anything with xylitol, chocolate, grapes, raisins or onion.</p>
        <WhyList
          :reasons="view.today[0]?.reasons.filter((reason) => reason.rule === 'trust.treats') ?? []"
          label="How is that reckoned?"
        />
      </div>
      <form class="cloth" @submit.prevent="keep">
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
        <v-btn type="submit" color="primary" :loading="save.isPending.value">Keep</v-btn>
        <p v-if="save.error.value && !fields.length" class="caution" role="alert">
          <strong>{{ messageOf(save.error.value) }}</strong>
        </p>
        <p v-if="save.isSuccess.value" role="status">Kept.</p>
      </form>
    </div>
  </PageState>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 420px;
  gap: 48px;
  align-items: start;
}
.big {
  font-size: 2rem;
  margin: 2px 0 8px;
}
.bar {
  width: 100%;
  max-width: 460px;
  margin-bottom: 8px;
}
.all {
  fill: rgb(var(--v-theme-wool));
}
.given {
  fill: rgb(var(--v-theme-heather));
}
.cloth {
  padding: 24px 28px;
}
.cloth > * {
  position: relative;
  z-index: 1;
  margin-bottom: 10px;
}
@media (max-width: 899px) {
  .two {
    grid-template-columns: 1fr;
    gap: 24px;
  }
  .big {
    font-size: 1.6rem;
  }
}
</style>
