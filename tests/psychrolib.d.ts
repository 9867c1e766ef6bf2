/** Types for what the tests use of psychrolib, which has none. */
declare module 'psychrolib' {
  const psychrolib: {
    SI: number
    SetUnitSystem(system: number): void
    GetStandardAtmPressure(altitudeM: number): number
    GetSatVapPres(celsius: number): number
    GetTDewPointFromRelHum(celsius: number, relativeHumidity: number): number
    GetRelHumFromTDewPoint(celsius: number, dewCelsius: number): number
    GetHumRatioFromRelHum(celsius: number, relativeHumidity: number, pressurePa: number): number
  }
  export default psychrolib
}
