import type { Section } from '@/api/types'

type OnLeft = Extract<Section, `${string}_LEFT`>
type OnRight = Extract<Section, `${string}_RIGHT`>

/** Each place that there is twice, left and right. The compiler holds it to the places of the API. */
const PAIRS: Record<OnLeft, OnRight> = {
  SIDE_LEFT: 'SIDE_RIGHT',
  THIGH_LEFT: 'THIGH_RIGHT',
  SHOULDER_LEFT: 'SHOULDER_RIGHT',
  BEHIND_EAR_LEFT: 'BEHIND_EAR_RIGHT',
  EAR_LEFT: 'EAR_RIGHT',
  ARMPIT_LEFT: 'ARMPIT_RIGHT',
  FRONT_LEG_LEFT: 'FRONT_LEG_RIGHT',
  HIND_LEG_LEFT: 'HIND_LEG_RIGHT',
  FRONT_FOOT_LEFT: 'FRONT_FOOT_RIGHT',
  HIND_FOOT_LEFT: 'HIND_FOOT_RIGHT',
}

const RIGHT_OF = new Map<Section, Section>(Object.entries(PAIRS) as [Section, Section][])
const LEFT_OF = new Map<Section, Section>([...RIGHT_OF].map(([left, right]) => [right, left]))

/** The dog's own side; absent for what there is once. */
export function sideOf(section: Section): 'LEFT' | 'RIGHT' | undefined {
  return RIGHT_OF.has(section) ? 'LEFT' : LEFT_OF.has(section) ? 'RIGHT' : undefined
}

/** The same place on the dog's other side; itself where there is only one. */
export function otherSide(section: Section): Section {
  return RIGHT_OF.get(section) ?? LEFT_OF.get(section) ?? section
}
