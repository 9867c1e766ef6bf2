'use client'

import { useState } from 'react'
import { sendFile, type FileProblem } from './sendFile'

/** A file that was looked at, and what it would do. */
interface Shown<Answer> {
  file: File
  answer: Answer
}

/**
 * State of a file upload: preview, problems, and progress.
 *
 * @param path - of the route, for each of the two
 */
export function useFileUpload<Answer>(path: (mode: 'preview' | 'apply') => string) {
  const [shown, setShown] = useState<Shown<Answer> | null>(null)
  const [problem, setProblem] = useState<FileProblem | null>(null)
  const [busy, setBusy] = useState(false)

  const ask = async (mode: 'preview' | 'apply', file: File): Promise<Answer | null> => {
    setBusy(true)
    const sent = await sendFile<Answer>(path(mode), file)
    setBusy(false)
    setProblem(sent.ok ? null : sent.problem)
    setShown(sent.ok && mode === 'preview' ? { file, answer: sent.answer } : null)
    return sent.ok ? sent.answer : null
  }
  return {
    shown,
    problem,
    busy,
    look: (file: File) => void ask('preview', file),
    /** Takes what is shown; true when that held. */
    take: async (): Promise<boolean> => shown !== null && (await ask('apply', shown.file)) !== null,
    leave: () => setShown(null),
  }
}
