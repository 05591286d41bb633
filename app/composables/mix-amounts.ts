import { amountFigure, amountsFor, limitOf, type MixedBlend } from '~~/core/blends'

/** What so much of a mix takes of each jar, what is free of it, and which runs out first. */
export function useMixAmounts(mixed: () => MixedBlend, ml: () => number) {
  const stock = useStock()
  const amounts = computed(() => amountsFor(mixed().mixture, ml()))
  const rows = computed(() =>
    amounts.value.map((amount) => {
      const { material } = amount.portion.grain
      const free = stock.freeOf(material.id)
      const short = amount.g - free
      return {
        ...amount,
        material,
        free,
        lacking: short > Math.max(0.05, 0.005 * amount.g) ? short : 0,
        figure: amountFigure(mixed().mixture, amount.portion, ml()),
      }
    }),
  )
  const limit = computed(() => limitOf(mixed().mixture, stock.freeOf))
  const isShort = computed(() => rows.value.some(({ lacking }) => lacking > 0))
  return { amounts, rows, limit, isShort }
}
