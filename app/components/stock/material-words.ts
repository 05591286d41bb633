import { fibreDiameterUm } from '~~/core/coverage/fibre'
import { gaugeWords } from '~~/core/armature'
import { jarTimesWords, type Material } from '~~/core/stock'
import { formatModelLength, formatQuantity, plainNumber, type UnitSystem } from '~~/core/units'

/** What a material measures, in words: its stuff's own properties. */
export function measureWords({ of, densityGPerMl }: Material, system: UnitSystem): string {
  const mm = (value: number): string => formatModelLength(value, system)
  // As sieves are, and jars' labels, whatever else is counted in inches.
  const grain = (value: number): string => `grain ${plainNumber(value, 2)} mm`
  switch (of.stuff) {
    case 'foam':
      return grain(of.grainMm)
    case 'powder':
      return of.grainMm === undefined ? '' : grain(of.grainMm)
    case 'fibre': {
      const thick =
        densityGPerMl === undefined
          ? ''
          : `, ${plainNumber(fibreDiameterUm(of.dtex, densityGPerMl), 0)} µm thick`
      return `${mm(of.lengthMm)} long, ${plainNumber(of.dtex, 1)} dtex${thick}`
    }
    case 'wire':
      return gaugeWords(of.diameterMm)
    case 'dowel':
      return `${plainNumber(of.diameterMm, 3)} mm thick${of.rodMm === undefined ? '' : `, rods of ${mm(of.rodMm)}`}`
    case 'rope':
      return `${plainNumber(of.diameterMm, 3)} mm thick`
    case 'pad':
      return `${mm(of.thicknessMm)} thick${
        of.widthMm === undefined || of.heightMm === undefined
          ? ''
          : `, ${mm(of.widthMm)} × ${mm(of.heightMm)}`
      }`
    case 'sheet':
      return of.widthMm === undefined || of.heightMm === undefined
        ? ''
        : `a sheet ${mm(of.widthMm)} × ${mm(of.heightMm)}, ${formatQuantity((of.widthMm * of.heightMm) / 100, 'cm2')}`
    case 'twig':
    case 'goods':
      return of.fromMm === undefined || of.toMm === undefined ? '' : `${mm(of.fromMm)} to ${mm(of.toMm)}`
    case 'liquid':
      return [jarTimesWords({ of }), of.finish === undefined || of.finish === 'matt' ? undefined : of.finish]
        .filter((words) => words !== undefined)
        .join(', ')
    default:
      return ''
  }
}
