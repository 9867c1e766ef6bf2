import { bottleFillRules } from '@/core/fill/fillModes'
import { findRuleSet, OWN_RULE_ID, ownRuleSchema } from '@/core/rules/dateRules'
import { z } from '@/core/base/zod'
import { copyRig } from '@/records/archive/import/copyRig'
import { optionalEquipment } from '@/core/cylinders/equipment/equipment'
import { ownDrivingRuleSchema } from '@/core/run/travel/ownDrivingRule'
import { database } from '@/records/database'
import {
  activateRig as activateRow,
  activeRig,
  findRig,
  listArchivedRigs,
  listRigs,
  type Rig,
  saveRig,
} from '@/records/repositories/rigs/rigs'
import { NotFoundError } from '@/records/RecordsError'
import { write } from '@/records/write'
import { idField, nameField, rowFields, versionField } from '@/services/shared/fields'

export type { Rig }

/**
 * A rig of the records.
 *
 * @throws NotFoundError when there is none of this identifier
 */
export function requireRig(id: string): Rig {
  const rig = findRig(database(), id)
  if (!rig) throw new NotFoundError('rig')
  return rig
}

/** The rigs in use, and those archived. */
export function allRigs(): { inUse: Rig[]; archived: Rig[] } {
  return { inUse: listRigs(database()), archived: listArchivedRigs(database()) }
}

export const rigIdSchema = z.strictObject({ id: idField })

/** Activates a rig: every page is about it from then on. */
export function activateRig({ id }: z.output<typeof rigIdSchema>): null {
  requireRig(id)
  activateRow(database(), id)
  return null
}

export const rigNameSchema = z.strictObject({ ...rowFields, name: nameField })

/** Renames a rig. */
export function renameRig({ id, version, name }: z.output<typeof rigNameSchema>): null {
  requireRig(id)
  saveRig(database(), id, version, { name })
  return null
}

export const rigCopySchema = z.strictObject({ id: idField, name: nameField })

/** A second rig with the same gear and no history. */
export function copyOfRig({ id, name }: z.output<typeof rigCopySchema>): { id: string } {
  requireRig(id)
  return { id: copyRig(database(), id, name) }
}

export const rigArchivingSchema = z.strictObject({ ...rowFields, away: z.boolean() })

/** Archives or restores a rig; its records stay. A restored rig is not active. */
export function archiveRig({ id, version, away }: z.output<typeof rigArchivingSchema>, now: Date): null {
  requireRig(id)
  const records = database()
  write(records, () => {
    saveRig(records, id, version, { archivedAt: away ? now.toISOString() : null })
    const next = away ? activeRig(records) : undefined
    if (next) activateRow(records, next.id)
  })
  return null
}

export const dateRuleSchema = z.strictObject({
  rigId: idField,
  version: versionField,
  ruleSetId: z.string().max(40),
  ownRule: ownRuleSchema.nullable(),
})

/**
 * Saves the date rules for the rig's cylinders. The numbers of the own rule stay when another rule is chosen.
 *
 * @throws InputError for a rule that does not exist
 */
export function saveDateRule({ rigId, version, ruleSetId, ownRule }: z.output<typeof dateRuleSchema>): null {
  findRuleSet(ruleSetId, ownRule)
  saveRig(database(), rigId, version, { ruleSetId, ...(ruleSetId === OWN_RULE_ID && { ownRule }) })
  return null
}

export const bottleRuleSchema = z.strictObject({
  rigId: idField,
  version: versionField,
  bottleSchool: z.enum(bottleFillRules),
})

/** Saves the rule for filling one-pound bottles. */
export function saveBottleFillRule({ rigId, version, bottleSchool }: z.output<typeof bottleRuleSchema>): null {
  saveRig(database(), rigId, version, { bottleSchool })
  return null
}

export const drivingRulesSchema = z.strictObject({
  rigId: idField,
  version: versionField,
  rules: z.array(ownDrivingRuleSchema).max(70, 'So many states and provinces there are not.'),
})

/** Saves what the owner looked up for gas on the road. */
export function saveDrivingRules({ rigId, version, rules }: z.output<typeof drivingRulesSchema>): null {
  requireRig(rigId)
  saveRig(database(), rigId, version, { drivingRules: rules })
  return null
}

export const noneNeededSchema = z.strictObject({
  rigId: idField,
  version: versionField,
  kind: z.enum(optionalEquipment),
  isNone: z.boolean(),
})

/** Saves that the rig has no hose, or no regulator, or that it has one after all. */
export function saveNoneNeeded({ rigId, version, kind, isNone }: z.output<typeof noneNeededSchema>): null {
  const { noneNeeded } = requireRig(rigId)
  const others = noneNeeded.filter((one) => one !== kind)
  saveRig(database(), rigId, version, { noneNeeded: isNone ? [...others, kind] : others })
  return null
}

/** A rig as it is saved. */
export function savedRig(id: string): Rig | undefined {
  return findRig(database(), id)
}
