/**
 * npm run naming-trial: kinds without names on sheets, with a form and a key, for people who know plants.
 * TRIAL_KINDS (30), TRIAL_SEED (1: which kinds) and TRIAL_OUT (naming-trial/) may be set.
 */
import { bundled, ensurePackages, run } from './lib.mjs'

ensurePackages()
process.exit(run(process.execPath, [bundled('bench/naming-trial.ts', 'bench')]))
