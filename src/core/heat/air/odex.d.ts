/** What is used of the ODEX integrator (Hairer, Nørsett, Wanner, Solving Ordinary Differential Equations I). */
export declare class Solver {
  constructor(size: number)
  relativeTolerance: number
  absoluteTolerance: number | number[]
  initialStepSize: number
  maxSteps: number
  solve(
    slopes: (t: number, y: readonly number[]) => number[],
    from: number,
    start: readonly number[],
    to: number,
  ): { y: number[]; outcome: number }
}
