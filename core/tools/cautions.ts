import type { CautionId } from '../safety'

const ofTool: Readonly<Record<string, readonly CautionId[]>> = {
  'static applicator': ['high-voltage', 'static-sparks'],
  knife: ['wire-and-blades'],
  cutters: ['wire-and-blades'],
  scissors: ['wire-and-blades'],
  'flat blade': ['wire-and-blades'],
  'saw and mitre box': ['wire-and-blades'],
  'pin vice': ['drill'],
  drill: ['drill'],
  rasp: ['rasping'],
  'belt sander': ['sander'],
  hose: ['water-jet'],
  oven: ['oven'],
  'oven tray': ['oven'],
  blender: ['blender', 'dust'],
  'glue pot': ['hot-glue'],
  mortar: ['dust'],
  sieve: ['dust'],
  stocking: ['dust'],
}

/** What a tool demands, whatever it is used on. Common practice. */
export const toolCautions = (tool: string): readonly CautionId[] =>
  Object.hasOwn(ofTool, tool) ? (ofTool[tool] ?? []) : []
