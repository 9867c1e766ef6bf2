/** The dark squares of a printed code as one path, a square to the unit. */
export function codePath({ size, dark }: { size: number; dark: readonly boolean[] }): string {
  return dark.flatMap((isDark, i) => (isDark ? [`M${i % size} ${Math.floor(i / size)}h1v1h-1z`] : [])).join('')
}
