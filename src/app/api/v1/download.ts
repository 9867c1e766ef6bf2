/** A file download. */
export function download(content: string | Buffer, name: string, type: string): Response {
  return new Response(typeof content === 'string' ? content : new Uint8Array(content), {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })
}
