import type { Finding } from '@/core/findings/Finding'

/**
 * Which finding this is, whatever its numbers: the same of two judgements of one fact.
 *
 * @returns a text that no other finding of the rig has
 */
export function findingKey({ station, code, remedy, sentence }: Finding): string {
  const names = Object.values(sentence.parts ?? {}).filter((part) => typeof part === 'string')
  return [station, code, remedy.subjectId ?? '', remedy.about ?? '', ...names].join(' | ')
}
