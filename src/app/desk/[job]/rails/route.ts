import { NextResponse, type NextRequest } from 'next/server'
import { ZodError } from 'zod'
import { shareRails } from '@/data/desk'
import { NotFoundError } from '@/data/errors'

/** One device's word on how plate and sheet stand, for the answer how they stand for all devices at the desk. */
export async function POST(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<NextResponse> {
  try {
    return NextResponse.json(
      await shareRails((await params).job, await request.json(), new Date().toISOString()),
    )
  } catch (error) {
    if (error instanceof NotFoundError) return NextResponse.json({ message: error.message }, { status: 404 })
    if (error instanceof ZodError || error instanceof SyntaxError)
      return NextResponse.json({ message: 'These are no rails.' }, { status: 400 })
    throw error
  }
}
