/** A new id: time first, so that ids sort roughly by age, then 80 bits of chance. */
export function newId(): string {
  const chance = crypto.getRandomValues(new Uint8Array(10))
  return `${Date.now().toString(36)}-${[...chance].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}

export const nowIso = (): string => new Date().toISOString()
