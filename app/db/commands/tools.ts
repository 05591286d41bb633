import { toolRecordSchema, type ToolRecord } from '../../../core/tools'
import type { Reading } from '../../../core/units'
import { undoable } from '../taken-away'
import type { CommandContext } from './context'
import { changeRecord, saveRecord, type Draft } from './records'

/** Writes what is said of a tool or a holder: new in the register, or changed. */
export const saveTool = (
  { db, now, newId }: CommandContext,
  draft: Draft<ToolRecord>,
): Promise<Reading<ToolRecord>> => saveRecord<ToolRecord>(db, db.tools, toolRecordSchema, draft, now(), newId)

/** Takes a tool out of the register: nothing is said of it any more. */
export const forgetTool = undoable(
  ['tools'],
  [],
  ({ name, id }: ToolRecord) => `what was said of ${name ?? id.replaceAll('-', ' ')}`,
  ({ db, now }: CommandContext, id: string): Promise<Reading<ToolRecord>> =>
    changeRecord<ToolRecord>(
      db,
      db.tools,
      toolRecordSchema,
      id,
      { removed: true },
      now(),
      'This is not in the register.',
    ),
)
