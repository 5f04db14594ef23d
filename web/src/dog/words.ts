import type { DogForm } from '@/api/types'

type Choice<T> = { value: T; title: string; hint?: string }

export const LIFE_STAGES: Choice<DogForm['lifeStage']>[] = [
  { value: 'PUPPY', title: 'Puppy', hint: 'still in its first coat' },
  { value: 'CHANGING_COAT', title: 'Changing coat', hint: 'the puppy coat gives way; it tangles much more' },
  { value: 'ADULT', title: 'Adult' },
  { value: 'ELDERLY', title: 'Elderly', hint: 'thin, fragile skin' },
]

export const SKINS: Choice<DogForm['skin']>[] = [
  { value: 'SOUND', title: 'Sound' },
  { value: 'SENSITIVE', title: 'Sensitive', hint: 'reddens or itches easily' },
  { value: 'UNDER_VET_CARE', title: 'In a vet’s care', hint: 'ask the vet before brushing there' },
]

export const HISTORIES: Choice<DogForm['history']>[] = [
  { value: 'GENTLE', title: 'Gentle so far' },
  { value: 'ROUGH_GROOM', title: 'Frightened by an earlier groom' },
  { value: 'UNKNOWN_RESCUE', title: 'Nobody knows', hint: 'a rescue, perhaps' },
]

export const WEARS: Choice<DogForm['wears'][number]>[] = [
  { value: 'HARNESS', title: 'a harness' },
  { value: 'DOG_COAT', title: 'a dog coat' },
]

export const HABITS: Choice<DogForm['habits'][number]>[] = [
  { value: 'SWIMS', title: 'swims' },
  { value: 'FIELDS_OR_SAND', title: 'runs in fields or sand' },
  { value: 'SNOW', title: 'walks in snow' },
]

export const NEW_DOG: DogForm = {
  name: '',
  breed: '',
  kilograms: 0,
  lifeStage: 'ADULT',
  flatFace: false,
  neutered: true,
  skin: 'SOUND',
  history: 'GENTLE',
  wears: [],
  habits: [],
}
