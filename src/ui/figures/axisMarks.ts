/** Round marks for an axis, about six of them unless told otherwise. */
export function axisMarks(from: number, to: number, count = 6): number[] {
  const rough = (to - from) / count
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((times) => times * power).find((candidate) => candidate >= rough) ?? rough
  const first = Math.ceil(from / step)
  return Array.from({ length: Math.floor(to / step) - first + 1 }, (_, i) => (first + i) * step)
}
