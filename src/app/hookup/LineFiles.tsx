'use client'

import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { InputError, type InputIssue } from '@/core/base/InputError'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import { readLineFile, writeLineFile } from '@/core/hookup/line/lineFile'
import { lineSvg } from '@/app/hookup/diagram/lineSvg'
import { placesOf } from '@/app/hookup/diagram/usePlaces'
import type { LineEditor } from './useLine'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Largest file that is read: a line of hundreds of parts is a tenth of it. */
const MAX_BYTES = 1_000_000

function download(name: string, type: string, text: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

const fileName = (name: string): string =>
  name
    .trim()
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-') || 'line'

/** Export of the line as drawing or data, import as data. */
export function LineFiles({ editor, check }: { editor: LineEditor; check: LineCheck }) {
  const [issues, setIssues] = useState<readonly InputIssue[]>([])
  const id = useId()

  const take = async (file: File): Promise<void> => {
    try {
      if (file.size > MAX_BYTES) throw new InputError('', 'This file is too large to be a line.')
      const { name, line } = readLineFile(await file.text())
      editor.replace(line)
      if (editor.id === null) editor.rename(name, line)
      setIssues([])
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setIssues(error.issues)
    }
  }
  return (
    <>
      <Button
        variant="quiet"
        size="sm"
        onClick={async () => {
          const places = await placesOf(check.graph)
          download(`${fileName(editor.name)}.svg`, 'image/svg+xml', lineSvg(editor.name, check, places))
        }}
      >
        {hookupLabels.drawingSvg}
      </Button>
      <Button
        variant="quiet"
        size="sm"
        onClick={() =>
          download(`${fileName(editor.name)}.json`, 'application/json', writeLineFile(editor.name, editor.line))
        }
      >
        {hookupLabels.dataJson}
      </Button>
      <label className="btn btn-quiet btn-sm" htmlFor={id}>
        {hookupLabels.takeInAFile}
        <input
          id={id}
          type="file"
          accept="application/json,.json"
          className="visually-hidden"
          onChange={(event) => {
            const [file] = event.target.files ?? []
            if (file) void take(file)
            event.target.value = ''
          }}
        />
      </label>
      {issues.length > 0 && (
        <ul className="file-issues" role="alert">
          {issues.slice(0, 8).map(({ path, message }) => (
            <li key={`${path} ${message}`} className="issue">
              {path === '' ? '' : `${path}: `}
              {message}
            </li>
          ))}
          <li>{sharedLabels.nothingWasChanged}</li>
        </ul>
      )}
    </>
  )
}
