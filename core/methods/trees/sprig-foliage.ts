import { rest } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Listed } from '../kit/listed'
import type { Flock, Operation } from '../kit/making'
import { sprigFigures as k, crowns } from './sprig-operations'

export const TIPS = '#3a3028'

/** Foam in the wet spray, and what lies over it: the canopy's colour, or a lighter foam. */
export function sprigFoliage(on: PlantMaking): Listed<Operation> {
  const over = on.choice('colour') === 'overspray'
  const topped = !over && on.has('highlight')
  const sprinkleSec = 3 + on.value(k.flockSec) * on.piece.sideAreaCm2
  const { atOnce, setUpEachSec } = on.rounds('hairspray', sprinkleSec, on.value(k.setUpSec), k.wetSec)
  const mistSec = on.value(k.mistSec) * crowns(on)
  const set = on.rests(k.setMin, 'Let it set', 'tack clearing', 'hairspray')
  const foam: Pick<Flock, 'share' | 'sticks'> = {
    ...(topped ? { share: rest(on.input(k.highlight)) } : {}),
    sticks: k.sticks,
  }
  return [
    on.spray('sprinkle', 'Hairspray the crown, sprinkle', {
      text: `Spray the crown only. Sprinkle from above, turn over, and do it from below. Don’t plunge it into the tub. ${on.time(on.openSec('hairspray', k.wetSec))} before the spray has set.`,
      hands: sprinkleSec + setUpEachSec,
      takes: [on.coat('hairspray', k.sprayCoat), on.crownFlock('foliage', foam)],
      within: on.open('hairspray', { by: k.wetSec, what: 'the spray' }),
      atOnce,
      wait: set,
      tools: ['catch tray'],
      faults: ['clogged-stems', 'fallen-foliage'],
      passes: 'Light through the crown; no foam on the trunk.',
    }),
    over &&
      on.spray('canopy', 'Spray the canopy, mist from above', {
        text: 'The wanted green around the foliage; then the lighter mist, from above only. Mask the trunk or keep off it.',
        hands: on.value(k.paintSec) * crowns(on) + mistSec,
        takes: [on.coat('canopy-paint', k.canopyCoat), on.coat('highlight-spray', k.mistCoat)],
        wait: on.dries(k.paintMin, 'Let the paint dry', 'paint'),
        faults: ['loud-two-tone', 'trunk-colour', 'satin'],
      }),
    topped &&
      on.spray('highlight', 'Highlight from above', {
        text: 'A touch of spray and the lighter foam from above only. One step lighter, never another hue.',
        hands: [mistSec, 30],
        takes: [
          on.crownFlock(
            'highlight',
            { share: on.input(k.highlight), sticks: k.sticks },
            'Highlight, from above',
          ),
          on.coat('hairspray', k.sprayCoat, 'Hairspray for the highlight', k.highlight),
        ],
        wait: set,
        faults: ['loud-two-tone'],
      }),
  ]
}
