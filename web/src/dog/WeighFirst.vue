<script setup lang="ts">
import { computed, ref } from 'vue'
import { detailsOf } from '@/api/client'
import { useUnits } from '@/shell/useUnits'
import { useDog } from './useDogs'
import { useWeight } from './useWeight'

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
  <form v-if="form?.weightGuessed && weight.data.value" class="weigh" novalidate @submit.prevent="keep">
    <p>
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
    <v-btn type="submit" variant="outlined" :loading="weigh.isPending.value" :disabled="!typed.trim()">Keep</v-btn>
  </form>
</template>

<style scoped>
.weigh {
  display: grid;
  grid-template-columns: 1fr 200px auto;
  gap: 4px 14px;
  align-items: start;
  border-left: 5px solid rgb(var(--v-theme-primary));
  padding-left: 14px;
  margin-bottom: 14px;
}
.v-btn {
  min-height: 48px;
}
@media (max-width: 599px) {
  .weigh {
    grid-template-columns: 1fr auto;
  }
  p {
    grid-column: 1 / -1;
  }
}
</style>
