import { plainNumber } from '~~/core/units'
import type { Plant } from '../../stores/plant'

/** The kinds of a mixed line for reading: "Blackthorn 55 %, hawthorn 30 %, hazel 15 %"; empty where it is of one. */
export const mixText = ({ members }: Pick<Plant, 'members'>): string =>
  members.length < 2
    ? ''
    : members
        .map(
          ({ species, share }, i) =>
            `${i === 0 ? species.common : lowered(species.common)} ${plainNumber(share * 100, 0)} %`,
        )
        .join(', ')

/** A name in the middle of a sentence. */
export const lowered = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1)
