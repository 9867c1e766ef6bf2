/** A text as a file download. */
export function download(text: string, name: string, type: string): Response {
  return new Response(text, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })
}
