<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Colour, Section } from '@/api/types'
import BurrMark from './BurrMark.vue'
import DogFace from './DogFace.vue'
import HairedPart from './HairedPart.vue'
import MatMark from './MatMark.vue'
import type { SectionArea } from './areas'
import { PLAIN } from './build'
import type { DrawnDog } from './dog'
import { figureOf } from './figure'
import { furOf } from './fur'
import { drawHair, regionOf } from './hair'
import type { Point } from './landmarks'
import type { Paint } from './paints'
import { otherSide } from './sides'

const props = defineProps<{
  side: 'LEFT' | 'RIGHT'
  names: Partial<Record<Section, string>>
  /** Absent: any dog, bare. */
  dog?: DrawnDog
  paint?: Partial<Record<Section, Paint>>
  selected?: readonly Section[]
  /** Only to look at: nothing can be chosen. */
  still?: boolean
}>()
const emit = defineEmits<{ choose: [section: Section] }>()

const id = useId()
const onBody = `url(#${id}-body)`
const focused = ref<Section>()

const figure = computed(() => figureOf(props.dog?.looks ?? PLAIN))
const coat = computed(() => props.dog?.coat ?? {})
const hair = computed(() => drawHair(figure.value, coat.value))
/** Where hair hides the edge, the pen only hints at it. */
const longEared = computed(() => (coat.value.EARS?.millimetres ?? 0) > 28)
const shaggy = computed(() =>
  (['BODY', 'NECK', 'LEGS'] as const).some((region) => (coat.value[region]?.millimetres ?? 0) > 28),
)

/** The drawing is of the left side; on the right one the near sections are the right ones. */
function near(section: Section): Section {
  return props.side === 'LEFT' ? section : otherSide(section)
}
function far(section: Section): Section {
  return props.side === 'RIGHT' ? section : otherSide(section)
}

interface Shape {
  section: Section
  path: string
  clip?: string
  where: Point
  hint: string
}

const HINTS: Partial<Record<Section, string>> = {
  ARMPIT_LEFT: 'lift the leg',
  BELLY: 'seen from below',
  BEHIND_EAR_LEFT: 'lift the ear',
  THROAT: 'lift the chin',
}

const earShape = computed<Shape>(() => ({
  section: near('EAR_LEFT'),
  path: hair.value.ear.path,
  where: figure.value.ear.mark,
  hint: '',
}))
const tail = computed<Shape>(() => ({
  section: 'TAIL_WHOLE',
  path: hair.value.tail.path,
  where: figure.value.tail.mark,
  hint: '',
}))
const farLegs = computed(farShapes)
const upright = computed(() => figure.value.ear.behind)
const behind = computed(() => [...farLegs.value, tail.value, ...(upright.value ? [earShape.value] : [])])
const body = computed(() => figure.value.areas.map(nearShape))
const before = computed(() => (upright.value ? [] : [earShape.value]))
const shapes = computed<Shape[]>(() => [...behind.value, ...body.value, ...before.value])
const current = computed(
  () =>
    focused.value ?? props.selected?.find((s) => shapes.value.some((x) => x.section === s)) ?? near('SHOULDER_LEFT'),
)

const NEAR_MARKS: Partial<Record<Section, Point>> = {
  MUZZLE: [156, 268],
  CROWN: [234, 166],
  BEHIND_EAR_LEFT: [318, 214],
  NECK_RUFF: [356, 270],
  THROAT: [272, 308],
  CHEST: [336, 388],
  SHOULDER_LEFT: [412, 350],
  BACK: [570, 264],
  SIDE_LEFT: [560, 350],
  BELLY: [560, 430],
  ARMPIT_LEFT: [428, 448],
  FRONT_LEG_LEFT: [394, 530],
  FRONT_FOOT_LEFT: [380, 632],
  THIGH_LEFT: [696, 370],
  REAR_TROUSERS: [772, 366],
  HIND_LEG_LEFT: [766, 520],
  HIND_FOOT_LEFT: [744, 632],
}

function nearShape(area: SectionArea): Shape {
  return {
    section: near(area.section),
    path: area.path,
    where: figure.value.mark(NEAR_MARKS[area.section] ?? [500, 350]),
    hint: HINTS[area.section] ?? '',
  }
}

function farShapes(): Shape[] {
  const rows: [Section, 'farFront' | 'farHind', 'leg' | 'foot', string, Point][] = [
    ['FRONT_LEG_LEFT', 'farFront', 'leg', 'inner side', [436, 540]],
    ['FRONT_FOOT_LEFT', 'farFront', 'foot', '', [424, 632]],
    ['HIND_LEG_LEFT', 'farHind', 'leg', 'inner side', [722, 560]],
    ['HIND_FOOT_LEFT', 'farHind', 'foot', '', [700, 632]],
  ]
  return rows.map(([section, leg, part, hint, where]) => ({
    section: far(section),
    path: hair.value[leg].path,
    clip: `url(#${id}-far-${part})`,
    where: figure.value.mark(where),
    hint,
  }))
}

function colourAt(section: Section): Colour | undefined {
  const region = regionOf(section)
  return region && coat.value[region]?.colour
}
const patched = (shape: Shape) => colourAt(shape.section) === 'PATCHED'
/** The body as a whole is laid in pale; its patches are laid place by place. */
const plain = (colour?: Colour) => (colour === 'PATCHED' ? 'PALE' : colour)

function label(shape: Shape): string {
  const name = props.names[shape.section] ?? shape.section
  const says = props.paint?.[shape.section]?.says
  return name + (shape.hint ? ` (${shape.hint})` : '') + (says ? `: ${says}` : '')
}

function move(event: KeyboardEvent, shape: Shape) {
  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (step) {
    event.preventDefault()
    const order = shapes.value
    const next = order[(order.indexOf(shape) + step + order.length) % order.length]!
    focused.value = next.section
    const shapesOnScreen = (event.currentTarget as Element).closest('svg')!.querySelectorAll<SVGElement>('[data-shape]')
    shapesOnScreen[order.indexOf(next)]?.focus()
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    emit('choose', shape.section)
  }
}

const flip = computed(() => (props.side === 'RIGHT' ? 'translate(1000 0) scale(-1 1)' : undefined))
const at = ([x, y]: Point): string => `translate(${x} ${y})`
</script>

<template>
  <svg
    class="side block w-full h-auto overflow-visible touch-manipulation"
    viewBox="50 40 900 625"
    :role="still ? 'img' : 'group'"
    :aria-label="`Coat map, ${side.toLowerCase()} side`"
  >
    <defs>
      <clipPath :id="`${id}-body`"><path :d="hair.body.path + figure.body.path" /></clipPath>
      <clipPath :id="`${id}-tail`"><path :d="hair.tail.path" /></clipPath>
      <clipPath :id="`${id}-far-leg`"><rect x="0" y="0" width="1000" :height="figure.pasternY" /></clipPath>
      <clipPath :id="`${id}-far-foot`"><rect x="0" :y="figure.pasternY" width="1000" height="100" /></clipPath>
      <clipPath v-for="shape in body.filter(patched)" :id="`${id}-of-${shape.section}`" :key="shape.section">
        <path :d="shape.path" />
      </clipPath>
    </defs>
    <ellipse class="ground fill-ink opacity-10" cx="540" cy="650" rx="320" ry="10" />
    <g :transform="flip">
      <HairedPart
        v-for="leg in ['farFront', 'farHind'] as const"
        :key="leg"
        :hair="hair[leg]"
        :colour="coat.LEGS?.colour"
        far
      />
      <template v-for="(group, g) in [behind, body, before]" :key="g">
        <template v-if="g === 0">
          <HairedPart
            :hair="hair.tail"
            :colour="coat.TAIL?.colour"
            :patches="figure.patches"
            :clip="`url(#${id}-tail)`"
          />
          <path
            v-if="figure.ear.other"
            class="other-ear"
            :style="{ fill: furOf(coat.EARS?.colour) }"
            :d="figure.ear.other"
          />
        </template>
        <template v-if="g === 1">
          <HairedPart :hair="hair.body" :skin="figure.body.path" :colour="plain(coat.BODY?.colour)" />
          <g :clip-path="onBody">
            <template v-for="shape in body" :key="'p' + shape.section">
              <path
                v-if="colourAt(shape.section) !== coat.BODY?.colour"
                :style="{ fill: furOf(colourAt(shape.section)) }"
                :d="shape.path"
              />
            </template>
            <path
              v-for="shape in body.filter(patched)"
              :key="'b' + shape.section"
              class="fill-dark-fur pointer-events-none"
              :d="figure.patches"
              :clip-path="`url(#${id}-of-${shape.section})`"
            />
          </g>
        </template>
        <HairedPart v-if="g === (upright ? 0 : 2)" :hair="hair.ear" :colour="coat.EARS?.colour" />
        <g :clip-path="g === 1 ? onBody : undefined">
          <!-- A drawing that listens for the focus would take it: what is still listens to nothing. -->
          <path
            v-for="shape in group"
            :key="shape.section"
            class="area"
            :clip-path="shape.clip"
            :class="{ chosen: selected?.includes(shape.section), still }"
            :d="shape.path"
            :data-section="shape.section"
            :style="{ fill: paint?.[shape.section]?.fill ?? 'transparent' }"
            v-bind="
              still
                ? {}
                : {
                    'data-shape': '',
                    role: 'button',
                    tabindex: shape.section === current ? 0 : -1,
                    'aria-label': label(shape),
                    'aria-pressed': !!selected?.includes(shape.section),
                    onClick: () => emit('choose', shape.section),
                    onKeydown: (event: KeyboardEvent) => move(event, shape),
                    onFocus: () => (focused = shape.section),
                  }
            "
          >
            <title v-if="!still">{{ label(shape) }}</title>
          </path>
        </g>
        <path
          v-if="g === 0"
          class="ink fill-none stroke-pen stroke-[3] round-joins pointer-events-none"
          :class="{ hint: shaggy }"
          :d="hair.tail.path"
        />
        <g v-if="g === 0" class="pen">
          <path v-for="(line, i) in hair.tailStrokes" :key="'t' + i" :class="line.kind.toLowerCase()" :d="line.d" />
        </g>
        <template v-if="g === (upright ? 0 : 2)">
          <path
            class="ink fill-none stroke-pen stroke-[3] round-joins pointer-events-none"
            :class="{ hint: longEared }"
            :d="hair.ear.path"
          />
          <g class="pen">
            <path :d="hair.ear.strokes" />
            <path v-for="(line, i) in hair.earStrokes" :key="'e' + i" :class="line.kind.toLowerCase()" :d="line.d" />
          </g>
        </template>
        <path
          v-if="g === 1"
          class="ink fill-none stroke-pen round-joins pointer-events-none stroke-[3.4]"
          :class="{ hint: shaggy }"
          :d="figure.body.path"
        />
        <path v-if="g === 1" class="pen" :d="hair.body.strokes" />
        <g v-if="g === 1" class="pen" :clip-path="onBody">
          <path v-for="(line, i) in hair.strokes" :key="'s' + i" :class="line.kind.toLowerCase()" :d="line.d" />
        </g>
      </template>
      <path
        v-if="figure.ear.fold"
        class="fold stroke-pen stroke-[2.4] pointer-events-none"
        :style="{ fill: furOf(coat.EARS?.colour === 'PATCHED' ? 'DARK' : coat.EARS?.colour) }"
        :d="figure.ear.fold"
      />
      <DogFace :figure="figure" />
      <g
        v-for="shape in shapes"
        :key="'m' + shape.section"
        :transform="at(shape.where)"
        class="mark pointer-events-none"
      >
        <MatMark v-if="paint?.[shape.section]?.mat" :lump="paint[shape.section]!.mat!" />
        <BurrMark v-else-if="paint?.[shape.section]?.burrs" :count="paint[shape.section]!.burrs!" />
        <g v-if="paint?.[shape.section]?.sign" class="sign" transform="translate(-14.4 -25) scale(0.36)">
          <path v-for="(part, i) in paint[shape.section]!.sign" :key="i" :class="part.part" :d="part.d" />
        </g>
        <text
          v-if="paint?.[shape.section]?.letter"
          :x="paint[shape.section]!.sign ? 18 : 0"
          :y="paint[shape.section]!.sign ? 10 : 0"
          :transform="flip && 'scale(-1 1)'"
        >
          {{ paint[shape.section]!.letter }}
        </text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
.sign path {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 4.5;
  stroke-linejoin: round;
}
.sign .wire,
.sign .line {
  fill: none;
}
.sign .dots {
  display: none;
}
.other-ear {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2;
  filter: brightness(0.86);
}
.ink.hint {
  stroke-width: 1.8;
  opacity: 0.22;
}
.pen {
  pointer-events: none;
  fill: none;
  stroke: rgb(var(--v-theme-pen));
  stroke-linecap: round;
  stroke-width: 1.5;
  opacity: 0.42;
}
.pen .drop {
  stroke-width: 1.3;
}
.pen .wire {
  stroke-width: 1.7;
}
.area {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 1.6;
  stroke-dasharray: 2 7;
  stroke-linecap: round;
  stroke-opacity: 0.5;
  outline: none;
  transition: fill 0.2s;
}
.area.still {
  stroke-opacity: 0.28;
}
.area:not(.still) {
  cursor: pointer;
}
.area:not(.still):hover {
  stroke-opacity: 1;
  stroke-width: 3;
  stroke-dasharray: none;
}
.area.chosen,
.area.chosen:not(.still):hover {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 8;
  stroke-opacity: 1;
  stroke-dasharray: none;
}
.area:focus-visible {
  stroke: rgb(var(--v-theme-focus));
  stroke-width: 9;
  stroke-opacity: 1;
  stroke-dasharray: 12 6;
}
.mark text {
  font: 700 26px var(--slab);
  text-anchor: middle;
  dominant-baseline: central;
  fill: rgb(var(--v-theme-pen));
}
@media (prefers-reduced-motion: reduce) {
  .area {
    transition: none;
  }
}
</style>
