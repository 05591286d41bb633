/** Colours of the interface by their names in `tokens.css`. */
export type Token = 'paper' | 'ink' | 'soft' | 'line' | 'moss' | 'earth'

/** The colour of a token, for what is painted or charted; what is styled has its utility. */
export const token = (name: Token): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim()
