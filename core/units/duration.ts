import { plainNumber } from './reading'

/** A stretch of time for reading: "45 s", "12 min", "3 h 10", "2 d 4 h". */
export function formatMinutes(minutes: number): string {
  if (minutes > 0 && minutes < 1) return `${Math.max(1, Math.round(minutes * 60))} s`
  if (minutes < 10) return `${plainNumber(minutes, 1)} min`
  const whole = Math.round(minutes)
  if (whole < 60) return `${whole} min`
  const hours = Math.floor(whole / 60)
  if (hours < 48) return `${hours} h ${String(whole % 60).padStart(2, '0')}`
  const days = Math.floor(hours / 24)
  return hours % 24 === 0 ? `${days} d` : `${days} d ${hours % 24} h`
}

/**
 * A clock that counts down: "12 d 3 h", "1:02:09", "4:07", "0:00".
 * @param ms milliseconds left; below zero shows as zero
 */
export function formatCountdown(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000))
  const h = Math.floor(seconds / 3600)
  if (h >= 48) return formatMinutes(seconds / 60)
  const m = Math.floor((seconds % 3600) / 60)
  const s = String(seconds % 60).padStart(2, '0')
  return h > 0 ? `${h}:${String(m).padStart(2, '0')}:${s}` : `${m}:${s}`
}
