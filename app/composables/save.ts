/** Hands a file to the browser to save. */
export function save(content: Blob, name: string): void {
  const address = URL.createObjectURL(content)
  const link = Object.assign(document.createElement('a'), { href: address, download: name })
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 10_000)
}

/** A name as a file name: letters and digits, joined by hyphens. */
export const fileNameOf = (name: string): string => name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()
