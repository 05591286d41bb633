/** The name of an error, or of the one that it came from: Dexie wraps what the browser throws. */
function namesOf(error: unknown): string[] {
  const names: string[] = []
  for (
    let at: unknown = error;
    at instanceof Error && names.length < 6;
    at = (at as { inner?: unknown }).inner
  )
    names.push(at.name)
  return names
}

const words: readonly (readonly [name: string, words: string])[] = [
  [
    'QuotaExceededError',
    'the browser’s storage is full. Nothing was changed. Make room: export this workshop, and delete copies or other sites’ data; then try again.',
  ],
  [
    'VersionError',
    'this workshop was last used by a newer version of the app. Nothing was changed. Reload the page to get that version.',
  ],
  [
    'MissingAPIError',
    'this browser keeps no data for the page, as in some private windows. Open the app in an ordinary window.',
  ],
  [
    'SecurityError',
    'this browser blocks site data for the page. Nothing can be kept until it is allowed: look in the browser’s settings for this site, then load the page again.',
  ],
  ['DatabaseClosedError', 'the workshop was closed or deleted from another tab. Reload the page.'],
  ['InvalidStateError', 'the browser has closed its storage. Reload the page.'],
  [
    'OpenFailedError',
    'this browser keeps no data for the page, as in some private windows. Open the app in an ordinary window.',
  ],
  ['UnknownError', 'the browser could not reach its storage. Is the disk full?'],
]

/** What failed in the browser's storage, in words, with what to do. */
export function storageFault(error: unknown): string {
  const names = namesOf(error)
  const known = words.find(([name]) => names.includes(name))
  return known?.[1] ?? (error instanceof Error ? error.message : String(error))
}
