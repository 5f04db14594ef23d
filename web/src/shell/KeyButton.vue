<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'

/**
 * A button that a key presses too, wherever the focus is: the hands hold a dog. What the space bar means to whatever
 * has the focus comes first.
 */
const props = defineProps<{ k: string; disabled?: boolean }>()
const emit = defineEmits<{ press: [] }>()

const CONTROLS = 'button, a, summary, textarea, [role=button], [role=checkbox]'

onKeyStroke(
  (event) => event.key.toLowerCase() === (props.k === 'space' ? ' ' : props.k),
  (event) => {
    const focused = event.target instanceof Element ? event.target : document.body
    const typing = focused.matches('input, textarea') || event.ctrlKey || event.altKey || event.metaKey
    if (props.disabled || typing || (props.k === 'space' && focused.matches(CONTROLS))) return
    event.preventDefault()
    emit('press')
  },
  { dedupe: true },
)
</script>

<template>
  <button type="button" :aria-keyshortcuts="k === 'space' ? 'Space' : k" :disabled="disabled" @click="emit('press')">
    <slot /> <kbd aria-hidden="true">{{ k }}</kbd>
  </button>
</template>
