import { Document, Image, Page, Path, renderToBuffer, Svg, Text, View } from '@react-pdf/renderer'
import { strokeFill, strokePath, type SheetDrawing, type Words } from '@/core/sheet/sheetDrawing'
import { registerFonts } from './pdfFonts'

/** Points in a millimetre: a point is 1/72 inch. */
const PT = 72 / 25.4
/** What the drawing is lower than its page, so that it is never thought too tall for it, mm. */
const HAIR_MM = 0.01
/** Width of the box a line of words is set in, mm: its anchor decides which side of it counts. */
const WORDS_BOX_MM = 600

function place({ at: [x, y], sizeMm, anchor = 'start', isMirrored }: Words) {
  const left = x - WORDS_BOX_MM * { start: 0, middle: 0.5, end: 1 }[anchor]
  return {
    position: 'absolute' as const,
    left: left * PT,
    top: (y - sizeMm) * PT,
    width: WORDS_BOX_MM * PT,
    fontSize: sizeMm * PT,
    lineHeight: 1,
    textAlign: ({ start: 'left', middle: 'center', end: 'right' } as const)[anchor],
    ...(isMirrored ? { transform: 'scale(-1, 1)' } : {}),
  }
}

/** Renders drawings as a PDF at 1:1, each on a page of its own size. Mirrored words turn about their middle, so theirs is the only anchor. */
export async function renderSheetPdf(...drawings: SheetDrawing[]): Promise<Buffer> {
  registerFonts()
  return renderToBuffer(
    <Document title={drawings[0].title} language="en">
      {drawings.map((drawing, i) => (
        <DrawingPage key={i} drawing={drawing} />
      ))}
    </Document>,
  )
}

function DrawingPage({
  drawing: { widthMm, heightMm, strokes, words, pictures },
}: {
  drawing: SheetDrawing
}) {
  const size = { width: widthMm * PT, height: heightMm * PT }
  return (
    <Page size={[size.width, size.height]} style={{ fontFamily: 'Archivo' }}>
      {pictures.map(({ data, xMm, yMm, widthMm: w, heightMm: h }, i) => (
        // The document's image, not a page's: it has no alternative text to carry.
        // eslint-disable-next-line jsx-a11y/alt-text
        <Image
          key={i}
          src={data}
          style={{ position: 'absolute', left: xMm * PT, top: yMm * PT, width: w * PT, height: h * PT }}
        />
      ))}
      <Svg
        width={size.width}
        height={size.height - HAIR_MM * PT}
        viewBox={`0 0 ${widthMm} ${heightMm - HAIR_MM}`}
        style={{ position: 'absolute', left: 0, top: 0 }}
      >
        {strokes.map((stroke, i) => (
          <Path
            key={i}
            d={strokePath(stroke)}
            // A line without width is drawn as a hair by some: in the colour of what it surrounds nobody sees it.
            stroke={stroke.widthMm > 0 ? '#000' : strokeFill(stroke)}
            strokeWidth={stroke.widthMm}
            fill={strokeFill(stroke)}
            {...(stroke.isDashed ? { strokeDasharray: '2 1.5' } : {})}
          />
        ))}
      </Svg>
      <View>
        {words.map((line, i) => (
          <Text key={i} style={place(line)}>
            {line.text}
          </Text>
        ))}
      </View>
    </Page>
  )
}
