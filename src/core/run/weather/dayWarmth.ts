/** It is coldest before sunrise and warmest in the afternoon. [common practice] */
const COLDEST_H = 6
const WARMEST_H = 15

/**
 * How far the air is on its way from the night's lowest to the day's highest: half a cosine up, half a cosine down.
 *
 * @param clockH - hour of the clock, 0 to 24
 * @returns 0 at the coldest hour, 1 at the warmest
 */
export function dayWarmth(clockH: number): number {
  const since = (clockH - COLDEST_H + 24) % 24
  const up = WARMEST_H - COLDEST_H
  return since <= up
    ? (1 - Math.cos((Math.PI * since) / up)) / 2
    : (1 + Math.cos((Math.PI * (since - up)) / (24 - up))) / 2
}
