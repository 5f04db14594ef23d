<script setup lang="ts">
import { ref, watch } from 'vue'
import { saysWhat } from '@/api/client'
import { useHousehold, useSaveHousehold } from '@/api/queries'
import type { Household } from '@/api/types'
import PageState from '@/shell/PageState.vue'
import { useNotice } from '@/shell/useNotice'

const { tell } = useNotice()
const stored = useHousehold()
const save = useSaveHousehold()

const form = ref<Household>()
watch(stored.data, (household) => { if (household && !form.value) form.value = { ...household } }, { immediate: true })

const COMFORTS: { value: Household['comfort']; title: string; hint: string }[] = [
  { value: 'CAREFUL', title: 'Careful', hint: 'due when a tangle is 15 % likely: a long fleece every 2 days' },
  { value: 'BALANCED', title: 'Balanced', hint: 'due when a tangle is 30 % likely: a long fleece every 3 days' },
  { value: 'EASY_GOING', title: 'Easy-going', hint: 'due when a tangle is 50 % likely, but before mats are: a long fleece every 4 days' },
]
const LENGTHS: { value: Household['lengthUnit']; title: string }[] = [{ value: 'MILLIMETRES', title: 'Millimetres' }, { value: 'INCHES', title: 'Inches' }]
const MASSES: { value: Household['massUnit']; title: string }[] = [{ value: 'KILOGRAMS', title: 'Kilograms' }, { value: 'POUNDS', title: 'Pounds' }]
const WEEKS: { value: Household['weekStart']; title: string }[] = [{ value: 'MONDAY', title: 'Monday' }, { value: 'SUNDAY', title: 'Sunday' }, { value: 'SATURDAY', title: 'Saturday' }]
const DATES: { value: Household['dateFormat']; title: string }[] = [
  { value: 'DAY_MONTH', title: '24 Nov' }, { value: 'MONTH_DAY', title: 'Nov 24' }, { value: 'YEAR_MONTH_DAY', title: '2026-11-24' }]

async function submit() {
  const before = stored.data.value!
  const kept = await save.mutateAsync(form.value!).catch(() => undefined)
  if (kept) tell('Kept.', () => { form.value = { ...before }; save.mutate(before) })
}
</script>

<template>
  <PageState :pending="!form" :error="stored.error.value" @retry="stored.refetch()">
    <form v-if="form" class="settings" @submit.prevent="submit">
      <h1>Settings</h1>
      <v-text-field v-model="form.name" label="Name of the household" maxlength="60" autocomplete="off" />
      <fieldset class="tall">
        <legend class="slab">How soon is a place due?</legend>
        <label v-for="one in COMFORTS" :key="one.value"><input v-model="form.comfort" type="radio" name="comfort" :value="one.value" /><span>{{ one.title }}<small>{{ one.hint }}</small></span></label>
      </fieldset>
      <fieldset v-for="group in [
        { legend: 'Lengths', key: 'lengthUnit' as const, choices: LENGTHS }, { legend: 'Weights', key: 'massUnit' as const, choices: MASSES },
        { legend: 'Dates', key: 'dateFormat' as const, choices: DATES }, { legend: 'The week begins on', key: 'weekStart' as const, choices: WEEKS }]" :key="group.key">
        <legend class="slab">{{ group.legend }}</legend>
        <label v-for="one in group.choices" :key="one.value"><input v-model="form[group.key]" type="radio" :name="group.key" :value="one.value" /><span>{{ one.title }}</span></label>
      </fieldset>
      <p v-if="save.error.value" class="caution" role="alert"><strong>{{ saysWhat(save.error.value) }}</strong></p>
      <v-btn type="submit" color="primary" size="large" :loading="save.isPending.value">Keep</v-btn>
    </form>
  </PageState>
</template>

<style scoped>
.settings { max-width: 820px; }
h1 { margin-bottom: 18px; }
fieldset { border: 0; border-top: 1.5px dashed rgb(var(--v-theme-seam)); padding: 12px 0; display: flex; flex-wrap: wrap; gap: 4px 26px; }
.tall { flex-direction: column; }
legend { float: left; width: 210px; padding-top: 10px; }
.tall legend { width: 100%; }
label { display: flex; gap: 10px; align-items: center; min-height: 44px; cursor: pointer; }
label input { width: 20px; height: 20px; accent-color: rgb(var(--v-theme-secondary)); flex: none; }
small { display: block; font-size: 0.9rem; }
@media (max-width: 599px) { legend { width: 100%; float: none; } }
</style>
