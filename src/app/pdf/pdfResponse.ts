import { renderToBuffer, type DocumentProps } from '@react-pdf/renderer'
import type { ReactElement } from 'react'

/** A document as a file to be kept or printed. */
export async function pdfResponse(document: ReactElement<DocumentProps>, name: string): Promise<Response> {
  const bytes = await renderToBuffer(document)
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${name}"` },
  })
}
