/**
 * Heat that propane gives when burnt, gross (its water condensed): appliance plates are stated gross too.
 *
 * @returns J/kg
 * @see gas processors' tables: 50.35 MJ/kg [from memory]; the trade's 21,500 BTU/lb is 50.0 MJ/kg
 */
export function heatingValueJPerKg(): number {
  return 50.35e6
}
