<script setup lang="ts">
import facts from '@/api/facts'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import choices from '@/api/choices'
import { ApiProblem, messageOf } from '@/api/client'
import type { Breed, DogForm } from '@/api/types'
import { FOR_GOOD, useView } from '@/api/queries'
import { useWeight } from './useWeight'
import WeightStrip from './WeightStrip.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import BreedField from './BreedField.vue'
import { breedNamed } from './breedSearch'
import LooksPick from './LooksPick.vue'
import { useDog, useRemoveDog, useSaveDog } from './useDogs'

const props = defineProps<{ dogId: number }>()

const router = useRouter()
const units = useUnits()
const { tell } = useNotice()
const stored = useDog(() => props.dogId)
const save = useSaveDog()
const { weight, weigh, takeBack } = useWeight(() => props.dogId)
const { remove, restore } = useRemoveDog()

const { draft, start, clear, forget, restored } = useDraft<DogForm>(`dog-${props.dogId}`)
watch(stored.data, (dog) => dog && start(dog.form), { immediate: true })

const tried = ref(false)
const shownMass = computed({
  get: () => (draft.value?.kilograms ? String(units.fromKg(draft.value.kilograms)) : ''),
  set: (text: string) => {
    draft.value!.kilograms = units.toKg(Number(text.replace(',', '.'))) || 0
    draft.value!.weightGuessed = false
  },
})
const problems = computed<Record<string, string>>(() => {
  const fields = save.error.value instanceof ApiProblem ? save.error.value.fields : []
  return Object.fromEntries(fields.map((f) => [f.field, f.message]))
})
const nameProblem = computed(() =>
  tried.value && !draft.value?.name.trim() ? 'Your dog needs a name.' : problems.value.name,
)

/** A breed brings its usual looks; they stay the owner's to change. */
const breeds = useView('breeds', FOR_GOOD)
const like = computed(() => breedNamed(breeds.data.value ?? [], draft.value?.breed))
function looksLike(breed: Breed) {
  Object.assign(draft.value!, breed.looks, { flatFace: breed.looks.build === 'FLAT_FACED' })
}

async function submit() {
  tried.value = true
  if (!draft.value?.name.trim()) return
  const form = draft.value
  const weighed = await weighIfChanged(form.kilograms).catch(() => undefined)
  const dog = await save.mutateAsync({ dogId: props.dogId, form }).catch(() => undefined)
  if (!dog) return
  clear()
  // What asks for the vet is read before anything else.
  if (weighed?.askTheVet) return
  tell(`What you changed about ${dog.form.name} is kept.`)
  void router.push(`/dogs/${dog.id}/${dog.coatDescribed ? 'dog' : 'dog/coat'}`)
}

/** Another weight than before is what the scale said today. */
async function weighIfChanged(kilograms: number) {
  const known = weight.data.value
  return known && kilograms !== known.kilograms ? weigh.mutateAsync({ day: known.today, kilograms }) : undefined
}

async function forgetWeighing(day: string) {
  const left = await takeBack.mutateAsync(day)
  draft.value!.kilograms = left.kilograms
}

async function takeAway() {
  const id = props.dogId
  await remove.mutateAsync(id)
  clear()
  tell(`${draft.value!.name} and its records are off the screen.`, () => restore.mutate(id))
  void router.push('/')
}
</script>

<template>
  <!-- What it weighs is known before it can be changed, or a weighing would be missed. -->
  <PageState
    :pending="!draft || weight.isLoading.value"
    :error="stored.error.value ?? weight.error.value"
    @retry="(stored.refetch(), weight.refetch())"
  >
    <form v-if="draft" class="dog-form" novalidate @submit.prevent="submit">
      <p v-if="restored" class="quiet">
        Here is what you had entered before the page was closed; it is not kept yet.
        <button type="button" class="forget" @click="forget(stored.data.value!.form)">Forget it</button>
      </p>
      <p v-if="save.error.value" class="caution" role="alert">
        <strong>{{ messageOf(save.error.value) }}</strong>
      </p>

      <div class="pair">
        <v-text-field
          v-model="draft.name"
          label="Name"
          :maxlength="facts.longestDogName"
          :error-messages="nameProblem"
          autocomplete="off"
        />
        <v-text-field
          v-model="shownMass"
          :label="`Weight in ${units.pounds.value ? 'pounds' : 'kilograms'}`"
          inputmode="decimal"
          :suffix="units.pounds.value ? 'lb' : 'kg'"
          :error-messages="problems.kilograms"
          :hint="draft.weightGuessed ? 'a guess by its size, until it is weighed' : undefined"
          :persistent-hint="draft.weightGuessed"
          autocomplete="off"
        />
        <BreedField v-model="draft.breed" :error="problems.breed" @known="looksLike" />
      </div>
      <LooksPick :dog="draft" :like="like" />
      <WeightStrip
        v-if="weight.data.value"
        :weight="weight.data.value"
        :busy="weigh.isPending.value || save.isPending.value || takeBack.isPending.value"
        @take-back="forgetWeighing"
      />

      <fieldset
        v-for="group in [
          { legend: 'Life stage', choices: choices.LifeStage, key: 'lifeStage' as const },
          { legend: 'Skin', choices: choices.Skin, key: 'skin' as const },
          { legend: 'Grooming so far', choices: choices.History, key: 'history' as const },
        ]"
        :key="group.key"
      >
        <legend class="slab">{{ group.legend }}</legend>
        <div class="choices">
          <label v-for="choice in group.choices" :key="choice.value" class="pick">
            <input v-model="draft[group.key]" type="radio" :name="group.key" :value="choice.value" />
            <span
              >{{ choice.title }}<small v-if="choice.hint">{{ choice.hint }}</small></span
            >
          </label>
        </div>
      </fieldset>

      <fieldset>
        <legend class="slab">Born</legend>
        <div class="choices">
          <label class="born"
            ><input
              :value="draft.born ?? ''"
              type="date"
              aria-label="Born on"
              @input="draft.born = ($event.target as HTMLInputElement).value || undefined"
            /><span
              >if you know; about will do. A young coat tangles less, and a growing pup may have more treats.</span
            ></label
          >
          <p v-if="problems.born" class="caution" role="alert">{{ problems.born }}</p>
        </div>
      </fieldset>

      <fieldset>
        <legend class="slab">On most days it</legend>
        <div class="choices">
          <label v-for="choice in choices.Wear" :key="choice.value" class="pick">
            <input v-model="draft.wears" type="checkbox" :value="choice.value" /><span>{{ choice.label }}</span>
          </label>
          <label v-for="choice in choices.Habit" :key="choice.value" class="pick">
            <input v-model="draft.habits" type="checkbox" :value="choice.value" /><span>{{ choice.label }}</span>
          </label>
        </div>
      </fieldset>

      <fieldset>
        <legend class="slab">Besides</legend>
        <div class="choices">
          <label class="pick"
            ><input v-model="draft.flatFace" type="checkbox" /><span
              >flat face<small>overheats: cool air only</small></span
            ></label
          >
          <label class="pick"
            ><input v-model="draft.neutered" type="checkbox" /><span
              >neutered<small>needs less energy, so fewer treats</small></span
            ></label
          >
        </div>
      </fieldset>

      <div class="acts">
        <v-btn type="submit" color="primary" size="large" :loading="save.isPending.value">Keep</v-btn>
        <v-btn variant="text" color="error" :loading="remove.isPending.value" @click="takeAway"
          >Remove {{ draft.name }}</v-btn
        >
      </div>
    </form>
  </PageState>
</template>

<style scoped>
.dog-form {
  max-width: 1060px;
}
.pair {
  display: grid;
  grid-template-columns: 2fr 1fr 2fr;
  gap: 16px;
  margin-top: 12px;
}
fieldset {
  border: 0;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 10px 0;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
legend {
  float: left;
  width: 160px;
  padding-top: 10px;
}
.choices {
  margin-left: 160px;
}
.pick {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 48px;
  padding: 4px 14px;
  background: rgb(var(--v-theme-surface));
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  cursor: pointer;
}
.pick:has(:checked) {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
}
.born {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
}
.born input {
  min-height: 48px;
  padding: 4px 14px;
  background: rgb(var(--v-theme-surface));
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  color: inherit;
}
.pick input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-secondary));
}
.pick small {
  display: block;
  opacity: 0.9;
  font-size: 0.85rem;
}
.forget {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
}
.acts {
  display: flex;
  gap: 12px;
  padding-top: 12px;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
}
@media (max-width: 599px) {
  .pair {
    grid-template-columns: 1fr;
    gap: 4px;
  }
  legend {
    width: 100%;
    padding: 0 0 6px;
    float: none;
  }
  .choices {
    margin-left: 0;
  }
  .pick {
    flex: 1 1 45%;
  }
}
</style>
