import type { Page } from '@playwright/test'

/** Desk, small laptop, phone in the hand. */
export const sizes = [
  [1280, 800],
  [1024, 768],
  [390, 844],
] as const

/**
 * What is wrong with a page as a hand meets it: a main action that does not lie in the window whole, or has something
 * over it; a page wider than its window; words cut off without a sign; words laid over other words.
 */
export async function faultsInView(page: Page, main: string): Promise<string[]> {
  return page.evaluate((pattern) => {
    const wrong: string[] = []
    const nameOf = (of: Element): string =>
      (of.getAttribute('aria-label') ?? of.textContent ?? '').replace(/\s+/g, ' ').trim()
    const shown = (of: Element): boolean =>
      of.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true }) &&
      !of.closest('[aria-hidden="true"], .sr-only')
    if (document.documentElement.scrollWidth > innerWidth)
      wrong.push(`the page is ${document.documentElement.scrollWidth} px wide`)

    if (pattern !== '') {
      const like = new RegExp(pattern)
      const all = [...document.querySelectorAll('button, a, input, [role="button"]')]
      const found = all.filter((one) => shown(one) && like.test(nameOf(one)))
      const reached = found.some((one) => {
        const { left, right, top, bottom } = one.getBoundingClientRect()
        if (left < 0 || top < 0 || right > innerWidth || bottom > innerHeight) return false
        const over = document.elementFromPoint((left + right) / 2, (top + bottom) / 2)
        return over !== null && (one === over || one.contains(over) || over.contains(one))
      })
      if (!reached) wrong.push(`${pattern}: ${found.length} such, none in view`)
    }

    /** What is seen of a box: no more than what it stands in lets show. */
    const clipped = (box: DOMRect, within: Element): DOMRect => {
      let { left, right, top, bottom } = box
      for (let around: Element | null = within; around; around = around.parentElement) {
        if (getComputedStyle(around).overflow === 'visible') continue
        const edge = around.getBoundingClientRect()
        left = Math.max(left, edge.left)
        right = Math.min(right, edge.right)
        top = Math.max(top, edge.top)
        bottom = Math.min(bottom, edge.bottom)
      }
      return new DOMRect(left, top, Math.max(0, right - left), Math.max(0, bottom - top))
    }
    /** Words by the box they stand in, as far as they are in the window. */
    const words: { text: string; box: DOMRect; of: Element }[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const of = node.parentElement
      if (!of || !node.textContent?.trim() || !shown(of) || of.closest('svg, select, canvas')) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const whole of range.getClientRects()) {
        const box = clipped(whole, of)
        if (box.width < 4 || box.height < 4) continue
        const [x, y] = [box.left + box.width / 2, box.top + box.height / 2]
        const over = document.elementFromPoint(x, y)
        // What has been scrolled away or lies under a menu is not read.
        if (!over || !(of === over || of.contains(over) || over.contains(of))) continue
        words.push({ text: node.textContent.trim(), box, of })
      }
      const { overflow, textOverflow } = getComputedStyle(of)
      if (overflow === 'hidden' && textOverflow !== 'ellipsis' && of.scrollWidth > of.clientWidth + 2)
        wrong.push(`cut: ${nameOf(of)}`)
    }
    /** Whether it stands in the flow, up to a place that holds another too: it is not meant to lie over it. */
    const flows = (one: Element, other: Element): boolean => {
      for (let around: Element | null = one; around && !around.contains(other); around = around.parentElement)
        if (!['static', 'relative'].includes(getComputedStyle(around).position)) return false
      return true
    }
    const panel = document.querySelector('[role="dialog"] [data-floats]')
    for (const control of panel?.querySelectorAll('button, input, select') ?? [])
      if (
        shown(control) &&
        clipped(control.getBoundingClientRect(), control).right > panel!.getBoundingClientRect().right
      )
        wrong.push(`${nameOf(control) || control.tagName} stands out of its dialog`)
    const controls = [...document.querySelectorAll('button, input, select')].filter(shown)
    for (const control of controls) {
      const box = clipped(control.getBoundingClientRect(), control)
      for (const word of words) {
        if (control.contains(word.of) || word.of.contains(control)) continue
        const wide = Math.min(word.box.right, box.right) - Math.max(word.box.left, box.left)
        const high = Math.min(word.box.bottom, box.bottom) - Math.max(word.box.top, box.top)
        if (wide > 3 && high > 3 && flows(control, word.of) && flows(word.of, control))
          wrong.push(`${nameOf(control) || control.tagName} lies over ${word.text}`)
      }
    }
    for (const field of document.querySelectorAll<HTMLInputElement>('input:not([type="date"], .sr-only)'))
      if (shown(field) && field.value !== '' && field.scrollWidth > field.clientWidth + 2)
        wrong.push(`cut: ${field.value}`)
    for (const [i, a] of words.entries())
      for (const b of words.slice(i + 1)) {
        if (a.of === b.of) continue
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left)
        const high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top)
        if (wide > 2 && high > 4) wrong.push(`over each other: ${a.text} · ${b.text}`)
      }
    return [...new Set(wrong)].slice(0, 12)
  }, main)
}
