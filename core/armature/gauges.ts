import { none, ok, parseLength, plainNumber, type Reading } from '../units'

/** Systems that wire is sold by, besides millimetres. */
export const gaugeSystems = ['AWG', 'SWG'] as const
export type GaugeSystem = (typeof gaugeSystems)[number]

/** Standard wire gauge, mm. Source: BS 3737, from 10 to 40; from memory. */
const SWG: Readonly<Record<number, number>> = {
  10: 3.251,
  11: 2.946,
  12: 2.642,
  13: 2.337,
  14: 2.032,
  15: 1.829,
  16: 1.626,
  17: 1.422,
  18: 1.219,
  19: 1.016,
  20: 0.914,
  21: 0.813,
  22: 0.711,
  23: 0.61,
  24: 0.559,
  25: 0.508,
  26: 0.457,
  27: 0.417,
  28: 0.376,
  29: 0.345,
  30: 0.315,
  31: 0.295,
  32: 0.274,
  33: 0.254,
  34: 0.234,
  35: 0.213,
  36: 0.193,
  37: 0.173,
  38: 0.152,
  39: 0.132,
  40: 0.122,
}
/** Gauges that hands can work: from nearly a rod to a hair. */
const AWG_RANGE = [8, 40] as const
const SWG_RANGE = [10, 40] as const

/** Diameter of an American wire gauge, mm: 0.127 · 92^((36 − n) / 39). Source: ASTM B258. */
export const awgMm = (gauge: number): number => 0.127 * 92 ** ((36 - gauge) / 39)

/** Diameter of a gauge, mm; undefined for one that the system does not have. */
export function gaugeMm(system: GaugeSystem, gauge: number): number | undefined {
  if (system === 'SWG') return SWG[gauge]
  const [least, most] = AWG_RANGE
  return Number.isInteger(gauge) && gauge >= least && gauge <= most ? awgMm(gauge) : undefined
}

/** The gauge of a system that is nearest to a diameter, mm. */
export function nearestGauge(system: GaugeSystem, diameterMm: number): { gauge: number; mm: number } {
  const [least, most] = system === 'AWG' ? AWG_RANGE : SWG_RANGE
  const away = (gauge: number): number => Math.abs(Math.log((gaugeMm(system, gauge) ?? NaN) / diameterMm))
  let gauge: number = least
  for (let other = least; other <= most; other += 1) if (away(other) < away(gauge)) gauge = other
  return { gauge, mm: gaugeMm(system, gauge) ?? NaN }
}

/** A gauge is named where the wire is within this share of it. */
const SAME_GAUGE = 0.03

/** A wire's diameter with the gauges that it is sold as: "0.71 mm, SWG 22". */
export function gaugeWords(diameterMm: number): string {
  const named = gaugeSystems.flatMap((system) => {
    const { gauge, mm } = nearestGauge(system, diameterMm)
    return Math.abs(mm / diameterMm - 1) <= SAME_GAUGE ? [`${system} ${gauge}`] : []
  })
  return [`${plainNumber(diameterMm, 2)} mm`, ...named].join(', ')
}

/**
 * Reads the diameter of a wire as people type it: "0.5", "0.5 mm", "24 AWG", "SWG 22", "22swg".
 * @returns mm; or what was read and what is allowed
 */
export function readWire(text: string): Reading<number> {
  const found = /^\s*(?:(awg|swg)\s*(\d{1,2})|(\d{1,2})\s*(awg|swg))\s*$/i.exec(text)
  if (!found) {
    const length = parseLength(text, 'mm')
    if (length.kind === 'none') return length
    return length.value >= 0.05 && length.value <= 6
      ? length
      : none(`Read “${text.trim()}”; a wire is from 0.05 to 6 mm thick.`)
  }
  const system = (found[1] ?? found[4] ?? '').toUpperCase() as GaugeSystem
  const gauge = Number(found[2] ?? found[3])
  const mm = gaugeMm(system, gauge)
  const [least, most] = system === 'AWG' ? AWG_RANGE : SWG_RANGE
  return mm === undefined
    ? none(`Read “${text.trim()}”; ${system} is known from ${least} to ${most}.`)
    : ok(mm)
}
