import type { BeginValues } from './beginForm'

/** What a page of the beginning is given. */
export interface BeginPart {
  values: BeginValues
  set: (next: Partial<BeginValues>) => void
  issueAt: (path: string) => string | null
  thisMonth: string
}
