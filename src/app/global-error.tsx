'use client'

/** When not even the frame of the pages can be drawn. */
export default function GlobalError({ reset }: { reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <main>
          <h1>Gold Kettle could not draw this page</h1>
          <p>Nothing that was saved is lost. Try again. If it stays so, open the recovery page.</p>
          <p>
            <button type="button" onClick={reset}>
              Try again
            </button>{' '}
            <a href="/recovery">Recovery page</a>
          </p>
        </main>
      </body>
    </html>
  )
}
