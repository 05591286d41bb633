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

/** The slowest drying that is still foretold: at four times the time it is wiser to warm the room. */
export const MAX_DRYING_FACTOR = 4

/**
 * How much longer a water-based coat dries than at 20 °C and 50 % relative humidity; 1 there, above 1 when
 * the air is cold or damp. A deficit law: a fair model for thin coats, from 0.4 to 4 times. Common practice
 * for the use; Magnus formula for the deficit.
 */
export function dryingFactor(temperatureC: number, humidity: number): number {
  const deficit = vapourDeficitHPa(temperatureC, humidity)
  const factor = deficit > 0 ? vapourDeficitHPa(20, 50) / deficit : MAX_DRYING_FACTOR
  return Math.min(MAX_DRYING_FACTOR, Math.max(0.4, factor))
}
