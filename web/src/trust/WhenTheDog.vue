<script setup lang="ts">
import choices from '@/api/choices'

/** What to do when a position comes undone. */
</script>

<template>
  <dl>
    <template v-for="one in choices.WhenTheDog" :key="one.value"
      ><dt class="font-bold mt-10">… {{ one.label }}</dt>
      <dd class="m-0 max-w-[60ch]">{{ one.hint }}</dd></template
    >
  </dl>
</template>
