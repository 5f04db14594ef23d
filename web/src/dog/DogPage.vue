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
import ChoiceKey from '@/shell/ChoiceKey.vue'
import DateField from '@/shell/DateField.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import BreedField from './BreedField.vue'
import { breedNamed } from './breedSearch'
import LooksPick from './LooksPick.vue'
import { useDog, useRemoveDog, useSaveDog } from './useDogs'
import ActKey from '@/shell/ActKey.vue'

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
    <form v-if="draft" class="max-w-1060" novalidate @submit.prevent="submit">
      <p v-if="restored" class="quiet">
        Here is what you had entered before the page was closed; it is not kept yet.
        <button type="button" class="dotted min-h-44" @click="forget(stored.data.value!.form)">Forget it</button>
      </p>
      <p v-if="save.error.value" class="caution" role="alert">
        <strong>{{ messageOf(save.error.value) }}</strong>
      </p>

      <div class="grid grid-cols-[2fr_1fr_2fr] gap-16 mt-12 mb-12 max-sm:grid-cols-1">
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
          <ChoiceKey
            v-for="choice in group.choices"
            :key="choice.value"
            :on="draft[group.key] === choice.value"
            @click="Object.assign(draft, { [group.key]: choice.value })"
            >{{ choice.title
            }}<small v-if="choice.hint" class="block opacity-88 text-xs">{{ choice.hint }}</small></ChoiceKey
          >
        </div>
      </fieldset>

      <fieldset>
        <legend class="slab">Born</legend>
        <div class="choices">
          <DateField v-model="draft.born" class="max-w-260" label="Born on" :error-messages="problems.born" />
          <p class="self-center">
            if you know; about will do. A young coat tangles less, and a growing pup may have more treats.
          </p>
        </div>
      </fieldset>

      <fieldset>
        <legend class="slab">On most days it</legend>
        <div class="choices">
          <v-checkbox-btn
            v-for="choice in choices.Wear"
            :key="choice.value"
            v-model="draft.wears"
            class="pick"
            :value="choice.value"
            :label="choice.label"
          />
          <v-checkbox-btn
            v-for="choice in choices.Habit"
            :key="choice.value"
            v-model="draft.habits"
            class="pick"
            :value="choice.value"
            :label="choice.label"
          />
        </div>
      </fieldset>

      <fieldset>
        <legend class="slab">Besides</legend>
        <div class="choices">
          <v-checkbox-btn v-model="draft.flatFace" class="pick"
            ><template #label
              ><span>flat face<small class="block opacity-88 text-xs">overheats: cool air only</small></span></template
            ></v-checkbox-btn
          >
          <v-checkbox-btn v-model="draft.neutered" class="pick"
            ><template #label
              ><span
                >neutered<small class="block opacity-88 text-xs">needs less energy, so fewer treats</small></span
              ></template
            ></v-checkbox-btn
          >
        </div>
      </fieldset>

      <div class="acts flex gap-12 pt-12 seam-t">
        <ActKey type="submit" color="primary" size="large" :loading="save.isPending.value">Keep</ActKey>
        <ActKey class="text-error" variant="text" :loading="remove.isPending.value" @click="takeAway"
          >Remove {{ draft.name }}</ActKey
        >
      </div>
    </form>
  </PageState>
</template>

<style scoped>
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
  flex: none;
}
@media (max-width: 599px) {
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
