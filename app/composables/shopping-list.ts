import type { Basket } from '~~/core/buying'
import { formatQuantity } from '~~/core/units'
import { printFrom } from './print'

/** The shopping list on paper: a block for each supplier, a box to tick for each pack. */
export function useShoppingList() {
  const workshop = useWorkshop()
  const { money } = useFormat()
  const print = (basket: Basket): Promise<void> =>
    printFrom(
      '/api/shopping-list',
      {
        paper: workshop.settings.paper,
        title: `Shopping list, ${workshop.settings.name}`.slice(0, 120),
        total: money(basket.goodsMinor + basket.postageMinor),
        parcels: basket.parcels.map(({ supplier, lines, goodsMinor, postageMinor, arrives }) => ({
          supplier: supplier.name,
          terms: `${money(goodsMinor)} and ${postageMinor === 0 ? 'no postage' : `${money(postageMinor)} postage`}, here by ${formatDate(arrives)}`,
          lines: lines.map(({ packs, offer, material, costMinor }) => ({
            packs: `${packs} × ${formatQuantity(offer.packQuantity, material.unit)}`,
            name: material.name,
            ...(offer.article === undefined ? {} : { article: offer.article }),
            price: money(costMinor),
          })),
        })),
      },
      'shopping-list.pdf',
      'The shopping list',
    )
  return { print }
}
