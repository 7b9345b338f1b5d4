declare module 'psychrolib' {
  /** What is used of the package; SI once `SetUnitSystem(SI)` has been called. */
  interface Psychrometrics {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    /** @returns Pa, over ice below the triple point */
    GetSatVapPres(tempC: number): number;
    GetHumRatioFromRelHum(tempC: number, relHum: number, pressurePa: number): number;
    GetRelHumFromHumRatio(tempC: number, humRatio: number, pressurePa: number): number;
    GetTDewPointFromHumRatio(tempC: number, humRatio: number, pressurePa: number): number;
    GetTWetBulbFromHumRatio(tempC: number, humRatio: number, pressurePa: number): number;
    GetStandardAtmPressure(altitudeM: number): number;
  }
  const psychrometrics: Psychrometrics;
  export default psychrometrics;
}
