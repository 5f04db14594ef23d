<script setup lang="ts">
import { computed } from 'vue'
import choices from '@/api/choices'
import type { CoatKindInfo, Colour, RegionForm } from '@/api/types'
import { furOf } from '@/bodymap/fur'
import LengthField from '@/shell/LengthField.vue'
import KindPick from './KindPick.vue'

/** Describes the hair of one or more regions at once; it writes into the hairs it is given. */
const props = defineProps<{ hairs: RegionForm[]; kinds: CoatKindInfo[] }>()

function common<K extends keyof RegionForm>(key: K): RegionForm[K] | undefined {
  const first = props.hairs[0]?.[key]
  return props.hairs.every((hair) => hair[key] === first) ? first : undefined
}
function setAll(change: Partial<RegionForm>) {
  props.hairs.forEach((hair) => Object.assign(hair, change))
}

function chooseKind({ kind, usualTexture, usuallyUndercoat }: CoatKindInfo) {
  setAll({ kind, texture: usualTexture, undercoat: usuallyUndercoat })
}

/** Patched is half of each. */
function swatch(colour: Colour) {
  return {
    background:
      colour === 'PATCHED' ? `linear-gradient(130deg, ${furOf('DARK')} 50%, ${furOf('PALE')} 50%)` : furOf(colour),
  }
}
const ruler = computed(() => Math.min(200, common('millimetres') ?? 0))
</script>

<template>
  <div class="hair">
    <KindPick :kinds="kinds" :chosen="common('kind')" @choose="chooseKind" />
    <div class="row">
      <!-- A length left out becomes 0, which is refused on keeping: better than silently keeping the old one. -->
      <LengthField
        class="mm"
        :model-value="common('millimetres') || undefined"
        label="Hair length"
        :placeholder="common('millimetres') === undefined ? 'differs' : 'measure'"
        @update:model-value="setAll({ millimetres: $event ?? 0 })"
      />
      <svg class="ruler" viewBox="0 0 210 34" aria-hidden="true">
        <path class="edge" d="M2 26H208" />
        <path v-for="t in 21" :key="t" class="edge" :d="`M${2 + (t - 1) * 10} 26v${(t - 1) % 5 ? -4 : -8}`" />
        <path v-if="ruler" class="strand" :d="`M2 12q${ruler / 2} -7 ${ruler} 0`" />
      </svg>
      <span class="quiet how">from the skin along a stretched hair</span>
    </div>
    <div class="row">
      <div class="few" role="group" aria-label="Density">
        <button
          v-for="d in choices.Density"
          :key="d.value"
          type="button"
          :aria-pressed="common('density') === d.value"
          :title="d.hint"
          @click="setAll({ density: d.value })"
        >
          {{ d.title }}
        </button>
      </div>
      <div class="few" role="group" aria-label="Feel">
        <button
          v-for="t in choices.Texture"
          :key="t.value"
          type="button"
          :aria-pressed="common('texture') === t.value"
          @click="setAll({ texture: t.value })"
        >
          {{ t.title }}
        </button>
      </div>
      <label class="tick"
        ><input
          type="checkbox"
          :checked="common('undercoat') === true"
          @change="setAll({ undercoat: ($event.target as HTMLInputElement).checked })"
        />
        soft undercoat beneath</label
      >
      <label class="tick"
        ><input
          type="checkbox"
          :checked="common('clipped') === true"
          @change="setAll({ clipped: ($event.target as HTMLInputElement).checked })"
        />
        a groomer keeps it short</label
      >
    </div>
    <div class="row colours" role="group" aria-label="Colour">
      <button
        v-for="c in choices.Colour"
        :key="c.value"
        type="button"
        :aria-pressed="common('colour') === c.value"
        :title="c.hint"
        @click="setAll({ colour: c.value })"
      >
        <i :style="swatch(c.value)" aria-hidden="true" />{{ c.title }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.hair {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 14px;
}
button {
  border: 1.5px solid rgb(var(--v-theme-seam));
  background: rgb(var(--v-theme-surface));
  padding: 8px 12px;
  min-height: 46px;
}
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
  font-weight: 700;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin: 12px 0;
}
.mm {
  flex: 0 0 230px;
}
.ruler {
  width: 210px;
  height: 34px;
}
.ruler .edge {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.2;
}
.ruler .strand {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.4;
  fill: none;
  stroke-linecap: round;
}
.few {
  display: flex;
}
.few button {
  border-right-width: 0;
}
.few button:first-child {
  border-radius: 10px 0 0 8px;
}
.few button:last-child {
  border-right-width: 1.5px;
  border-radius: 0 9px 11px 0;
}
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 46px;
  cursor: pointer;
}
.tick input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-secondary));
}
.colours {
  gap: 6px;
}
.colours button {
  display: flex;
  gap: 8px;
  align-items: center;
  border-radius: 10px 8px 11px 7px;
}
.colours i {
  width: 22px;
  height: 22px;
  border-radius: 50% 46% 52% 48%;
  border: 1.5px solid rgb(var(--v-theme-pen));
}
@media (max-width: 599px) {
  .mm {
    flex: 1 1 100%;
  }
  .few {
    width: 100%;
  }
  .few button {
    flex: 1;
    padding: 8px 4px;
  }
}
</style>
