import { fibreField, layTray, paintSection, type StandingFibre } from '../core/grass'
import { makeUp } from '../core/makeup'
import { exampleArea, examplePiece } from '../core/methods/kit'
import { layerPlanOf, plantMethodById } from '../core/methods'
import { catalogue, stockStates, type Material } from '../core/stock'
import { race, report } from './race'

const materials: Material[] = catalogue.map((row) => ({ ...row, changedAt: '2026-01-01T00:00:00.000Z' }))
const states = stockStates(materials, [], new Map())
const method = plantMethodById('layered-grass')
if (!method) throw new Error('no method layered-grass')

/** The layer plan of a square metre, stock looked through for every layer. Beside it the make-up that it rests on. */
const MOST_PLAN_MS = 30
const job = exampleArea(examplePiece('grass', 'blades', 12, { widthShare: 0.5 }), 10_000)
const own = new Map<string, number>()
const up = makeUp({ job, method, states, dryingFactor: 1 })
const { plan = NaN, whole = NaN } = race(
  {
    plan: () => layerPlanOf(up, own),
    whole: () => layerPlanOf(makeUp({ job, method, states, dryingFactor: 1 }), own),
  },
  60,
  10,
)
report(
  `layer plan of 1 m²: ${plan.toFixed(2)} ms, with its make-up ${whole.toFixed(2)} ms (target under ${MOST_PLAN_MS})`,
  whole < MOST_PLAN_MS,
)

/** A section of 20 000 fibres. Beside it the bare writing of as many pixels as its fibres are long. */
const MOST_SECTION_MS = 50
const fibres: StandingFibre[] = [
  { lengthMm: 2, dtex: 17, colour: '#445533', perCm2: 1200, glue: 'all over' },
  { lengthMm: 6, dtex: 22, colour: '#bba66a', perCm2: 350, glue: 'all over' },
  { lengthMm: 12, dtex: 22, colour: '#bba66a', perCm2: 50, glue: 'all over' },
]
const strip = {
  widthMm: 125,
  depthMm: 10,
  reach: { 'all over': 1, 'mid-patch': 0.45, 'tips only': 0.3 },
  lean: { meanDeg: 24, combDeg: 9 },
  seed: 1,
}
const field = fibreField(fibres, strip)
const view = { field, colours: fibres.map(({ colour }) => colour), pixelsPerMm: 8, width: 1000, height: 120 }
const pixels = 1000 * 120 * 4
const buffer = new Uint8ClampedArray(pixels)
const { section = NaN, bare = NaN } = race(
  {
    section: () => paintSection(view, strip.depthMm),
    bare: () => {
      for (let i = 0; i < field.count * 24; i += 1) buffer[(i * 7919) % pixels] = i
    },
  },
  30,
  6,
)
report(
  `section of ${field.count} fibres: ${section.toFixed(1)} ms (target under ${MOST_SECTION_MS}), ${(section / bare).toFixed(1)} of writing as many pixels`,
  field.count >= 20_000 && section < MOST_SECTION_MS,
)

/** Dots on a sheet: equal ones against the hexagonal count, a mixture for its time. */
const MOST_DOTS_MS = 20
const LEAST_SHARE = 0.97
const sheet = { widthMm: 200, heightMm: 300, gapMm: 3, seed: 1 }
const equal = { ...sheet, sizes: [{ diameterMm: 5, share: 1 }] }
const mixed = {
  ...sheet,
  sizes: [
    { diameterMm: 3, share: 0.5 },
    { diameterMm: 5, share: 0.3 },
    { diameterMm: 7, share: 0.2 },
  ],
}
const { alike = NaN, mixture = NaN } = race(
  { alike: () => layTray(equal), mixture: () => layTray(mixed) },
  40,
  8,
)
// By hand: pitch 8, rows 6.928 apart, so 43 rows of 25 and 24 in turn.
const HEXAGONAL = 22 * 25 + 21 * 24
const share = layTray(equal).length / HEXAGONAL
report(
  `dots on 200 × 300 mm: equal ${alike.toFixed(2)} ms, mixed ${mixture.toFixed(1)} ms (target under ${MOST_DOTS_MS}), ${share.toFixed(3)} of the hexagonal count`,
  alike < MOST_DOTS_MS && mixture < MOST_DOTS_MS && share >= LEAST_SHARE,
)
