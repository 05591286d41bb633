import { jarCodeText, type Lot, type Material } from '~~/core/stock'
import { plainNumber } from '~~/core/units'
import { printFrom } from './print'

/** Labels for jars, printed by the server: what is in it, since when, and a code that the camera reads. */
export function useJarLabels() {
  const workshop = useWorkshop()
  const blends = useBlends()

  /** What stands on the label of a lot. */
  function labelOf(material: Material, lot: Lot) {
    const mixed = material.blendId === undefined ? undefined : blends.mixed.get(material.blendId)
    const parts = mixed?.mixture.portions
      .map(({ grain, parts: own }) => `${own} ${grain.material.name.replace(/^[^,]*, /, '')}`)
      .join(' + ')
    const grain = 'grainMm' in material.of ? material.of.grainMm : undefined
    const colour = material.sealed ?? ('colour' in material.of ? material.of.colour : undefined)
    return {
      title: material.name,
      lines: [
        ...(parts ? [parts] : []),
        `${lot.source} ${formatDate(lot.date)}`,
        ...(grain === undefined ? [] : [`grain ${plainNumber(grain, 2)} mm`]),
        ...(material.sealed ? [`sealed ${material.sealed}`] : []),
        workshop.settings.name,
      ]
        .map((line) => line.slice(0, 120))
        .slice(0, 5),
      code: jarCodeText({ kind: 'lot', lotId: lot.id }),
      ...(colour === undefined ? {} : { colour }),
    }
  }
  const print = (jars: readonly { material: Material; lot: Lot }[], name: string): Promise<void> =>
    printFrom(
      '/api/jar-labels',
      { paper: workshop.settings.paper, labels: jars.map(({ material, lot }) => labelOf(material, lot)) },
      `${name}.pdf`,
      'The label',
    )
  return { print }
}
