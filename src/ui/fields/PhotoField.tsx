'use client'

import Image from 'next/image'
import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'

const MAX_SIDE = 1400
const QUALITY = 0.8

/** Scales a photo down and encodes it as base64 JPEG. */
async function shrunk(file: File): Promise<string> {
  const bitmap = await createImageBitmap(file)
  const scale = Math.min(1, MAX_SIDE / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/jpeg', QUALITY).replace(/^data:[^,]*,/, '')
}

/** A picture from the camera or a file, shrunk before it is sent. */
export function PhotoField({
  label,
  photo,
  onPhoto,
  issue,
}: {
  label: string
  photo: string | null
  onPhoto: (photo: string | null) => void
  issue: string | null
}) {
  const id = useId()
  const [wrong, setWrong] = useState<string | null>(null)
  const take = async (file: File | undefined): Promise<void> => {
    setWrong(null)
    if (!file) return
    try {
      onPhoto(await shrunk(file))
    } catch {
      setWrong('This cannot be read as a picture. A JPEG, PNG or WebP is wanted.')
    }
  }
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      {photo === null ? (
        <Form.Control
          id={id}
          type="file"
          accept="image/*"
          onChange={(event) => void take((event.target as HTMLInputElement).files?.[0])}
        />
      ) : (
        <div className="photo-taken">
          <Image
            src={`data:image/jpeg;base64,${photo}`}
            alt="The picture to be kept"
            width={160}
            height={120}
            unoptimized
          />
          <Button variant="quiet" size="sm" onClick={() => onPhoto(null)}>
            Leave it out
          </Button>
        </div>
      )}
      {(wrong ?? issue) && (
        <p className="issue mb-0" role="alert">
          {wrong ?? issue}
        </p>
      )}
      <p className="hint mb-0">may stay empty; kept beside your records, sent nowhere</p>
    </div>
  )
}
