import { InputError, type InputIssue } from '@/core/base/InputError'

/** An issue at one place of a file. */
export interface FileIssue extends InputIssue {
  /** Line of the file, from 1; null for the whole file. */
  line: number | null
}

/** A refused file: nothing was imported. */
export class FileError extends InputError {
  override readonly issues: readonly FileIssue[]

  constructor(issues: readonly FileIssue[]) {
    super(issues[0]?.path ?? '', issues[0]?.message ?? 'This file cannot be read.')
    this.name = 'FileError'
    this.issues = issues
  }
}

/** A fault of the file as a whole. */
export function fileFault(message: string): FileError {
  return new FileError([{ path: '', message, line: null }])
}
