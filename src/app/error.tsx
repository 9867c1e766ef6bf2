'use client'

import Button from 'react-bootstrap/Button'

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <>
      <h1>This page could not be drawn</h1>
      <p>Nothing that was saved is lost. The reason stands in the window where Gold Kettle was started.</p>
      <Button onClick={reset}>Try again</Button>
    </>
  )
}
