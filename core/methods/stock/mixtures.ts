import { soakingMedium } from '../../adhesives'
import type { StockMethod } from '../../makeup'
import { liquid, paint } from '../kit/materials'
import { slot } from '../kit/slot'
import { mixtureWay } from './mixture'

/** Baths, watered glues and washes that are mixed ahead. Their ratios: common practice, but for the wash. */
export const mixtureMethods: readonly StockMethod[] = [
  mixtureWay({
    id: 'soaking-bath',
    name: 'Soaking bath',
    makes: 'Matte medium 1 : 5 with water, kept covered for the next sprigs.',
    of: slot('medium', 'Matte medium', liquid('matte-medium')),
    parts: soakingMedium.concentrate,
    water: soakingMedium.water,
    origin: 'common practice',
    text: 'Water first, a drop of detergent, then the medium; stir until no streaks show.',
    passes: 'Even milk, no streaks on the bottom.',
    step: { faults: ['white-puddles'] },
    examplesMl: [500, 20_000],
  }),
  mixtureWay({
    id: 'sealing-water',
    name: 'Sealing water',
    makes: 'PVA 1 : 3 with water, to run into ground and litter that has been wetted.',
    of: slot('pva', 'PVA', liquid('pva')),
    parts: 1,
    water: 3,
    origin: 'common practice',
    text: 'Water first, a drop of detergent, then PVA; shake it in a closed bottle.',
    passes: 'Runs through the sprayer without strings.',
    step: { faults: ['white-puddles'] },
    examplesMl: [500, 5_000],
  }),
  mixtureWay({
    id: 'ground-medium',
    name: 'Ground glue',
    makes: 'Matte medium 3 : 1 with water, the coat that bare ground is set in.',
    of: slot('medium', 'Matte medium', liquid('matte-medium')),
    parts: 3,
    water: 1,
    origin: 'common practice',
    text: 'Stir the water into the medium a little at a time, without beating air in.',
    passes: 'Runs off the brush like cream.',
    examplesMl: [200],
  }),
  mixtureWay({
    id: 'wetting-mist',
    name: 'Wetting mist',
    makes: 'Alcohol and water, so that dilute glue runs in instead of beading up.',
    of: slot('alcohol', 'Wetting alcohol', liquid('alcohol')),
    parts: 7,
    water: 3,
    origin: 'memory',
    text: 'Into the sprayer itself, by a funnel; close it at once. Write on it what it is.',
    passes: 'A drop of it darkens dry soil at once and leaves no bead.',
    step: { needs: ['ventilation'], gives: ['wet alcohol'] },
    examplesMl: [300],
  }),
  mixtureWay({
    id: 'dark-wash',
    name: 'Dark wash',
    makes: 'Dark paint thinned with water, for trunks that are too pale.',
    of: slot('paint', 'Dark paint', paint('#4c3a2c')),
    parts: 1,
    water: 8,
    origin: 'memory',
    text: 'A little water first, until the paint is smooth, then the rest; a drop of detergent.',
    passes: 'Dark in the grooves, all but nothing on the ridges.',
    examplesMl: [100],
  }),
]
