<script setup lang="ts">
import choices from '@/api/choices'

/** What to do when a position comes undone. */
</script>

<template>
  <dl>
    <template v-for="one in choices.WhenTheDog" :key="one.value"
      ><dt>… {{ one.label }}</dt>
      <dd>{{ one.hint }}</dd></template
    >
  </dl>
</template>

<style scoped>
dt {
  font-weight: 700;
  margin-top: 10px;
}
dd {
  margin: 0;
  max-width: 60ch;
}
</style>
