import type { ApproachForm, Fault, ToolForm, ToolKindInfo } from '@/api/types'

type Choice<T> = { value: T; title: string; hint?: string }
type Property = ToolKindInfo['properties'][number]

export const PADS: Choice<NonNullable<ToolForm['pad']>>[] = [
  { value: 'SOFT', title: 'Soft', hint: 'gives way at a touch' },
  { value: 'MEDIUM', title: 'Medium', hint: 'gives way under a thumb' },
  { value: 'FIRM', title: 'Firm', hint: 'hardly gives' },
]
export const TIPS: Choice<NonNullable<ToolForm['tips']>>[] = [
  { value: 'GROUND', title: 'Ground smooth', hint: 'straight, rounded ends' },
  { value: 'BALL', title: 'Ball-tipped', hint: 'a little ball on each' },
  { value: 'COATED', title: 'Coated', hint: 'a drop of plastic on each wire' },
  { value: 'RAW', title: 'Raw cut', hint: 'sharp ends: never' },
]
export const HEADS: Choice<NonNullable<ToolForm['head']>>[] = [
  { value: 'OVAL', title: 'Oval' },
  { value: 'SMALL_OVAL', title: 'Small oval' },
  { value: 'OBLONG', title: 'Oblong' },
  { value: 'T_SHAPE', title: 'T-shaped' },
]
export const SPACINGS: Choice<NonNullable<ToolForm['spacing']>>[] = [
  { value: 'WIDE_AND_FINE', title: 'A wide and a fine end' },
  { value: 'WIDE', title: 'Wide only' },
  { value: 'FINE', title: 'Fine only' },
]
export const HANDLES: Choice<NonNullable<ToolForm['handle']>>[] = [
  { value: 'WOOD', title: 'Wood', hint: 'outlives plastic on a hard floor' },
  { value: 'PLASTIC', title: 'Plastic' },
  { value: 'METAL', title: 'Metal' },
  { value: 'RUBBER', title: 'Rubber-coated', hint: 'easy on tired hands' },
]
export const FAULTS: (Choice<Fault> & { about: Property[] })[] = [
  { value: 'SCRATCHES', title: 'It scratched my palm', about: [] },
  { value: 'TIPS_MISSING', title: 'Tips are missing', about: ['TIPS', 'LENGTH'] },
  { value: 'BENT', title: 'Pins or wires are bent or loose', about: ['LENGTH', 'TIPS'] },
  { value: 'ROUGH_TEETH', title: 'The teeth are rough', about: ['SPACING'] },
]

/** A tool of this kind before anything is measured. */
export function newTool(kind: ToolForm['kind']): ToolForm {
  return { name: '', kind, flexible: false }
}

export const TIP_SCHOOLS: Choice<ApproachForm['tips']>[] = [
  { value: 'BY_SKIN', title: 'By skin', hint: 'ball tips for puppies and thin skin, ground ones otherwise' },
  { value: 'BALL', title: 'Ball tips', hint: 'they protect the skin' },
  { value: 'GROUND', title: 'Ground tips', hint: 'balls catch and pull' },
]
export const MIST_SCHOOLS: Choice<ApproachForm['mist']>[] = [
  { value: 'BY_SKIN', title: 'By skin', hint: 'on the coat; on the tool for tender skin or a spray-shy dog' },
  { value: 'ON_COAT', title: 'On the coat', hint: 'lift the hair and mist underneath' },
  { value: 'ON_TOOL', title: 'On the tool', hint: 'nothing is sprayed at the dog' },
]
export const HANDS: Choice<ApproachForm['hand']>[] = [
  { value: 'BEGINNER', title: 'Still learning', hint: 'slickers coated or flexible, everywhere' },
  { value: 'EXPERIENCED', title: 'Practised', hint: 'a stiff slicker is allowed where skin is sound' },
]
