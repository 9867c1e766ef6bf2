import { CardDocument } from '@/app/pdf/CardDocument'
import { pdfResponse } from '@/app/pdf/pdfResponse'
import { tripCardOf } from '@/app/trips/card/tripCardOf'
import { tripPageData } from '@/app/trips/tripPageData'

/** The trip card as a PDF of one page. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const card = await tripCardOf(tripPageData((await params).id))
  return pdfResponse(<CardDocument {...card} />, 'trip-card.pdf')
}
