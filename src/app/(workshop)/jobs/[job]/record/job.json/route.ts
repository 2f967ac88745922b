import { exportJobFile } from '@/data/record/jobFiles'
import { openJob } from '../../openJob'

/** A job as one JSON document. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const { slug } = await openJob((await params).job)
  return Response.json(await exportJobFile(slug, new Date().toISOString()))
}
