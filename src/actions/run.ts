'use server'

import { act, type ActionResult, rowById } from '@/actions/shared/act'
import {
  type Appliance,
  applianceSchema,
  archiveAppliance,
  batteryEntrySchema,
  saveAppliance,
  saveBattery,
  savedAppliance,
} from '@/services/run/appliances'
import { drivingRulesSchema, type Rig, saveDrivingRules, savedRig } from '@/services/rigs/rigs'
import { runSchema, saveRun } from '@/services/run/saveRun'
import { savedTrip, type Trip } from '@/services/trips/trips'
import { archivedRowSchema } from '@/services/shared/fields'

/** Saves an appliance. */
export async function saveApplianceAction(input: unknown): Promise<ActionResult<{ id: string }, Appliance>> {
  return act(applianceSchema, input, saveAppliance, rowById(savedAppliance))
}

/** Saves how a trip is run: its weather, habits, and how the cylinders are used. */
export async function saveRunAction(input: unknown): Promise<ActionResult<{ id: string; version: number }, Trip>> {
  return act(runSchema, input, saveRun, rowById(savedTrip))
}

/** Saves the rig’s 12 V battery; null for none or unknown. */
export async function saveBatteryAction(input: unknown): Promise<ActionResult<null, Rig>> {
  return act(batteryEntrySchema, input, saveBattery, ({ rigId }) => savedRig(rigId))
}

/** Saves what the owner looked up for gas on the road. */
export async function saveDrivingRulesAction(input: unknown): Promise<ActionResult<null, Rig>> {
  return act(drivingRulesSchema, input, saveDrivingRules, ({ rigId }) => savedRig(rigId))
}

/** Archives an appliance; trips that used it keep their record. */
export async function archiveApplianceAction(input: unknown): Promise<ActionResult> {
  return act(archivedRowSchema, input, archiveAppliance)
}
