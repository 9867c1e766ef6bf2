import type { DocumentProps } from '@react-pdf/renderer'
import type { ReactElement } from 'react'

/** A PDF document as an answer. */
export async function pdfResponse(document: ReactElement<DocumentProps>, name: string): Promise<Response> {
  // Imported here, so that plainText can be used without the renderer.
  const { renderToBuffer } = await import('@react-pdf/renderer')
  const bytes = await renderToBuffer(document)
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${name}"` },
  })
}

/** Signs that the fonts every PDF reader has do not hold. */
const signs: Readonly<Record<string, string>> = { '→': '>', '≈': 'about', '≤': 'at most', '−': '-', '½': '1/2' }

/** A text in the signs that a PDF can show without a font of its own; what has none becomes a question mark. */
export function plainText(text: string): string {
  return text
    .replace(/[→≈≤−½]/g, (sign) => signs[sign] ?? sign)
    .replace(/[\u00a0\u202f\u2009]/g, ' ')
    .replace(/[^\n\u0020-\u007e\u00a1-\u00ff\u2013\u2014\u2018\u2019\u201c\u201d\u2026\u2022]/g, '?')
}
