<script setup lang="ts">
import { ref, watch } from 'vue'

/** A time of day as it is said: 19, 7:30, 1930; given on as 19:30 once the field is left, undefined when emptied. */
const props = defineProps<{ label: string; modelValue: string | undefined; needed?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [time: string | undefined] }>()

const typed = ref('')
const wrong = ref('')
watch(
  () => props.modelValue,
  (time) => {
    typed.value = time?.slice(0, 5) ?? ''
    wrong.value = ''
  },
  { immediate: true },
)

function keep() {
  const text = typed.value.trim()
  const [, hour, minute] = /^(\d{1,2})(?:[:.h ]?(\d{2}))?$/.exec(text) ?? []
  const good = hour !== undefined && Number(hour) < 24 && Number(minute ?? 0) < 60
  wrong.value = good || (!text && !props.needed) ? '' : 'From 0:00 to 23:59, such as 19:30.'
  if (wrong.value) return
  const time = good ? `${hour.padStart(2, '0')}:${minute ?? '00'}` : undefined
  typed.value = time ?? ''
  if (time !== props.modelValue?.slice(0, 5)) emit('update:modelValue', time)
}
</script>

<template>
  <v-text-field
    v-model="typed"
    :label="label"
    placeholder="19:30"
    autocomplete="off"
    :error-messages="wrong"
    @blur="keep"
    @keydown.enter="keep"
  />
</template>
