import { counted, formatQuantity } from '../units'
import type { Basket, MoneyWords } from './basket'

/** A basket as plain text, to copy, send or print: a block for each supplier, a line for each pack. */
export function shoppingText(basket: Basket, money: MoneyWords, day: (date: string) => string): string {
  const blocks = basket.parcels.map(({ supplier, lines, goodsMinor, postageMinor, arrives }) =>
    [
      `${supplier.name}: ${money(goodsMinor + postageMinor)}, here by ${day(arrives)}`,
      ...lines.map(
        ({ packs, offer, material, costMinor }) =>
          `  ${packs} × ${formatQuantity(offer.packQuantity, material.unit)} ${material.name}${
            offer.article === undefined ? '' : ` (${offer.article})`
          }, ${money(costMinor)}`,
      ),
      `  postage ${postageMinor === 0 ? 'free' : money(postageMinor)}`,
    ].join('\n'),
  )
  const parcels = counted(basket.parcels.length, 'parcel')
  return `${blocks.join('\n\n')}\n\nAll of it, ${parcels}: ${money(basket.goodsMinor + basket.postageMinor)}\n`
}
