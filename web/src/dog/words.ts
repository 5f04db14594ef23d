import type { Breed } from '@/api/types'

/** The coat of a breed in a few words. */
export function kindOf({ coat }: Pick<Breed, 'coat'>): string {
  const kinds = [...new Set(coat.regions.map((hair) => hair.kind))]
  const body = coat.regions.find((hair) => hair.region === 'BODY')!
  const rest = kinds.filter((kind) => kind !== body.kind)
  const clipped = coat.regions.every((hair) => hair.clipped)
    ? ', clipped all over'
    : body.clipped
      ? ', its body clipped'
      : ''
  return [body.kind, ...rest].map((kind) => kind.toLowerCase()).join(' and ') + clipped
}
