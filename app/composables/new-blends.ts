import {
  mixtureOf,
  portionsOf,
  sealedOf,
  steppedFrom,
  toneNames as toneList,
  useFor,
  type Blend,
  type ToneName,
} from '~~/core/blends'
import { labToHex, sealers, toLab, type Lab } from '~~/core/colour'
import { serviceOf } from '../workers/service'

/** Makes new blends: one to begin with, a set of three for the line in hand, or one for each colour of a palette. */
export function useNewBlends(choose: (id: string) => Promise<unknown>) {
  const workshop = useWorkshop()
  const saveBlend = useDeed('saveBlend')
  const saveBlends = useDeed('saveBlends')
  const commission = useCommission()
  const store = useBlends()
  const notices = useNotices()
  const { orderFor } = useMixOrder()
  async function create(): Promise<void> {
    const line = commission.selected?.line
    const answer = await saveBlend({
      name: line ? `${line.name}, base` : 'New blend',
      ...(commission.current ? { commissionId: commission.current.id } : {}),
      target: line
        ? { kind: 'tone', lineId: line.id, tone: 'base' }
        : { kind: 'colour', colour: '#5a7a36', from: 'typed' },
      use: 'crown',
      texture: 'one',
      parts: [],
      sealer: sealers[0],
    })
    if (answer.kind === 'ok') await choose(answer.value.id)
  }
  const toneLabels: Record<ToneName, string> = { shade: 'shade', base: 'base', light: 'highlight' }
  /** Shade, base and highlight of the line in hand, each with the nearest parts. */
  const making = ref(false)
  async function createSet(): Promise<void> {
    const plant = commission.selected
    if (!plant) return
    const { line, species } = plant
    const use = useFor(species.habit, line.amount.kind)
    await createAll(
      toneList.map((tone) => ({
        name: `${line.name}, ${toneLabels[tone]}`,
        target: { kind: 'tone', lineId: line.id, tone },
        use,
        // Foam and fibre are not of one size.
        texture: use === 'needles' ? 'any' : 'one',
      })),
    )
  }
  /** A blend for each of some colours, each with what it is for. */
  const createFrom = (
    colours: readonly { name: string; colour: string; use: Blend['use'] }[],
  ): Promise<void> =>
    createAll(
      colours.map(({ name: own, colour, use }) => ({
        name: own,
        target: { kind: 'colour', colour, from: 'typed' },
        use,
        texture: 'any',
      })),
    )
  type Draft = Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>
  /** Blends that belong together, each with the simplest parts that are as good as the nearest. */
  async function createAll(
    wanted: readonly Pick<Draft, 'name' | 'target' | 'use' | 'texture'>[],
  ): Promise<void> {
    if (making.value) return
    making.value = true
    const setId = workshop.context().newId()
    const drafts: Draft[] = []
    // The base comes first: the other tones of a set keep their steps from what it could be.
    let moved: ((tone: Lab) => Lab) | undefined
    const isBase = ({ target: aim }: Pick<Draft, 'target'>): boolean =>
      aim.kind === 'tone' && aim.tone === 'base'
    const inTurn = [...wanted].sort((a, b) => Number(isBase(b)) - Number(isBase(a)))
    try {
      for (const own of inTurn) {
        const blend: Draft = {
          ...own,
          ...(commission.current ? { commissionId: commission.current.id } : {}),
          setId,
          parts: [],
          sealer: sealers[0],
        }
        const wish = orderFor(blend, false)
        const aim = store.targetOf(blend)
        const steps =
          moved && blend.target.kind === 'tone' && wish
            ? { ...wish, wanted: labToHex(moved(toLab(wish.wanted))) }
            : wish
        const found = steps && (await serviceOf('blend').propose(steps))
        const parts = found?.proposal.kind === 'found' ? found.proposal.simplest.parts : []
        drafts.push({ ...blend, parts: parts.map((part) => ({ ...part })) })
        const { portions } = portionsOf(parts, store.grains)
        if (aim && isBase(blend) && portions.length > 0) {
          const is = sealedOf(mixtureOf(portions), store.sealings[blend.sealer])
          moved = (tone) => steppedFrom(tone, aim.lab, is)
        }
      }
      const saved = await saveBlends(drafts)
      const shownFirst = saved.kind === 'ok' ? saved.value[0] : undefined
      if (shownFirst) await choose(shownFirst.id)
    } catch (error) {
      notices.fault(`The search failed: ${error instanceof Error ? error.message : String(error)}`)
    }
    making.value = false
  }
  return { making, create, createSet, createFrom }
}
