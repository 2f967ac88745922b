import { NextResponse, type NextRequest } from 'next/server'
import { ZodError } from 'zod'
import { syncDesk } from '@/data/desk'
import { NotFoundError } from '@/data/errors'

/** Takes in what a pull desk kept on its device; answers what became of each entry. */
export async function POST(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<NextResponse> {
  try {
    return NextResponse.json({
      outcomes: await syncDesk((await params).job, await request.json(), new Date().toISOString()),
    })
  } catch (error) {
    if (error instanceof NotFoundError) return NextResponse.json({ message: error.message }, { status: 404 })
    if (error instanceof ZodError)
      return NextResponse.json(
        { message: `${error.issues[0].path.join('.')}: ${error.issues[0].message}` },
        { status: 400 },
      )
    if (error instanceof SyntaxError)
      return NextResponse.json({ message: 'This is not JSON.' }, { status: 400 })
    throw error
  }
}
