import { requireRange } from '../units/reading'

/**
 * Saturation vapour pressure over water, hPa. Source: Magnus formula as in WMO No. 8 (2018), annex 4.B.
 * @param temperatureC −45 to 60 °C
 */
export function saturationPressureHPa(temperatureC: number): number {
  requireRange('temperature', temperatureC, '°C', { min: -45, max: 60 })
  return 6.112 * Math.exp((17.62 * temperatureC) / (243.12 + temperatureC))
}

/** Vapour-pressure deficit of the air, hPa: what draws water out of a wet coat. @param humidity relative, 0–100 % */
export function vapourDeficitHPa(temperatureC: number, humidity: number): number {
  requireRange('relative humidity', humidity, '%', { min: 0, max: 100 })
  return saturationPressureHPa(temperatureC) * (1 - humidity / 100)
}

/** The air in which the rule holds; beyond it a coat dries by laws of its own. Our estimate. */
const RULE = { fromC: 5, toC: 40, mostHumidity: 90 } as const
/** A skin forms: in hot dry air the inside of a coat sets the pace. Our estimate. */
const LEAST_FACTOR = 0.4

/** How a room dries, or that the rule knows no time for it. */
export interface Drying {
  /** How much longer a water-based coat dries than at 20 °C and 50 %; beyond the rule, what it gives at its edge. */
  readonly factor: number
  /** Beyond the rule: no time is foretold. */
  readonly unsure?: 'too cold' | 'too hot' | 'too damp'
}

/**
 * How a water-based coat dries in a room: 1 at 20 °C and 50 % relative humidity, above 1 when the air is cold or damp.
 * A deficit law, fair for thin coats between 5 and 40 °C and up to 90 %. Common practice for the use; Magnus formula
 * for the deficit.
 */
export function dryingIn(temperatureC: number, humidity: number): Drying {
  requireRange('temperature', temperatureC, '°C', { min: -45, max: 60 })
  requireRange('relative humidity', humidity, '%', { min: 0, max: 100 })
  const atC = Math.min(RULE.toC, Math.max(RULE.fromC, temperatureC))
  const deficit = vapourDeficitHPa(atC, Math.min(RULE.mostHumidity, humidity))
  const factor = Math.max(LEAST_FACTOR, vapourDeficitHPa(20, 50) / deficit)
  if (temperatureC < RULE.fromC) return { factor, unsure: 'too cold' }
  if (temperatureC > RULE.toC) return { factor, unsure: 'too hot' }
  return humidity > RULE.mostHumidity ? { factor, unsure: 'too damp' } : { factor }
}
