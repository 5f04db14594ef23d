<script setup lang="ts">
import { computed, ref } from 'vue'
import { detailsOf } from '@/api/client'
import { useUnits } from '@/shell/useUnits'
import { useDog } from './useDogs'
import { useWeight } from './useWeight'
import ActKey from '@/shell/ActKey.vue'

/** Of a dog that was only looked at: its weight, asked where it first matters. */
const props = defineProps<{ dogId: number }>()

const units = useUnits()
const dog = useDog(() => props.dogId)
const form = computed(() => dog.data.value?.form)
const { weight, weigh } = useWeight(() => props.dogId)
const typed = ref('')

function keep() {
  const kilograms = units.toKg(Number(typed.value.replace(',', '.'))) || 0
  weigh.mutate({ day: weight.data.value!.today, kilograms })
}
</script>

<template>
  <form
    v-if="form?.weightGuessed && weight.data.value"
    class="grid grid-cols-[1fr_200px_auto] gap-y-4 gap-x-14 items-start border-l-5 border-l-primary pl-14 mb-14 max-sm:grid-cols-[1fr_auto]"
    novalidate
    @submit.prevent="keep"
  >
    <p class="max-sm:col-span-full">
      <b>What does {{ form.name }} weigh?</b> Until then it is taken for about {{ units.mass(form.kilograms) }}, as it
      looks.
    </p>
    <v-text-field
      v-model="typed"
      :label="`Weight in ${units.pounds.value ? 'pounds' : 'kilograms'}`"
      inputmode="decimal"
      :suffix="units.pounds.value ? 'lb' : 'kg'"
      :error-messages="weigh.error.value ? detailsOf(weigh.error.value) : undefined"
      autocomplete="off"
    />
    <ActKey type="submit" variant="outlined" :loading="weigh.isPending.value" :disabled="!typed.trim()">Keep</ActKey>
  </form>
</template>

<style scoped>
.act {
  min-height: 48px;
}
</style>
