import { Document, Image, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import { greyStrip, type AskPicture } from '@/core/prove/askPage'
import { formatMm, formatNumber } from '@/core/units/length'
import { registerFonts } from '../across/sheet/pdfFonts'

/** Points in a millimetre. */
const PT = 72 / 25.4

const styles = StyleSheet.create({
  page: { padding: 16 * PT, fontFamily: 'Archivo', fontSize: 10, lineHeight: 1.35 },
  title: { fontSize: 20, fontWeight: 700, lineHeight: 1.2 },
  asks: { fontSize: 14, fontWeight: 700, marginVertical: 8 },
  small: { fontSize: 8.5, color: '#333' },
  answers: { marginTop: 10, borderTopWidth: 0.8, borderTopColor: '#000', paddingTop: 6 },
  answer: { flexDirection: 'row', alignItems: 'center', marginTop: 7 },
  box: { width: 11, height: 11, borderWidth: 0.8, borderColor: '#000', marginRight: 7 },
  line: { flex: 1, borderBottomWidth: 0.5, borderBottomColor: '#777', marginLeft: 6, height: 14 },
})

/** What is asked of somebody who cannot come to the press. */
export interface AskPage {
  title: string
  artist: string
  /** the proof, and when it was pulled */
  proof: string
  asks: string
  picture: { data: string; laid: AskPicture }
}

/** How the picture's size stands to the print's. */
function scaleWords({ scale, bar }: AskPicture): string {
  if (scale === null || !bar) return 'Its size cannot be told: no plate mark is set in the picture.'
  const size = scale > 0.999 ? 'at its own size' : `at ${formatNumber(100 * scale, 0)} % of its own size`
  return `The bar is ${formatMm(bar.ofMm)} on the print, shown ${size}.`
}

/** One page for an absent approver: the picture with a bar that tells its size, a grey strip, the question, and room for the answer. */
export async function renderAskPdf({ title, artist, proof, asks, picture }: AskPage): Promise<Buffer> {
  registerFonts()
  const { data, laid } = picture
  return renderToBuffer(
    <Document title={`${title}: ${proof}, to be looked at`} language="en">
      <Page size="A4" style={styles.page}>
        <Text style={styles.title}>{title}</Text>
        <Text>
          {artist}; {proof}
        </Text>
        <Text style={styles.asks}>{asks}</Text>
        {/* The document's image, not a page's: it has no alternative text to carry. */}
        {/* eslint-disable-next-line jsx-a11y/alt-text */}
        <Image src={data} style={{ width: laid.widthMm * PT, height: laid.heightMm * PT }} />
        {laid.bar && (
          <View style={{ width: laid.bar.drawnMm * PT, height: 3, backgroundColor: '#000', marginTop: 6 }} />
        )}
        <Text style={styles.small}>{scaleWords(laid)}</Text>
        <View style={{ flexDirection: 'row', marginTop: 6 }}>
          {greyStrip().map(({ lightness, srgb }) => (
            <View key={lightness} style={{ width: 18 * PT, height: 7 * PT, backgroundColor: srgb }} />
          ))}
        </View>
        <Text style={styles.small}>
          Six greys, each clearly apart from the next: where two of them look alike, this screen or printer
          does not show the picture as it is. Colour is not judged by a picture.
        </Text>
        <View style={styles.answers}>
          <View style={styles.answer}>
            <View style={styles.box} />
            <Text>Yes, print it so.</Text>
          </View>
          <View style={styles.answer}>
            <View style={styles.box} />
            <Text>Not yet. I would change:</Text>
            <View style={styles.line} />
          </View>
          <View style={styles.answer}>
            <Text>Name and date:</Text>
            <View style={styles.line} />
          </View>
        </View>
      </Page>
    </Document>,
  )
}
