import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import type { Documentation } from '@/core/record/documentation'
import { registerFonts } from '../across/sheet/pdfFonts'

const MM = 72 / 25.4
/** Two columns of seven on A4, with hairlines to cut along. */
const LABEL = { width: 90 * MM, height: 38 * MM }
const A_PAGE = 14

const styles = StyleSheet.create({
  page: {
    paddingVertical: 15.5 * MM,
    paddingHorizontal: 15 * MM,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignContent: 'flex-start',
    fontFamily: 'Archivo',
    fontSize: 8.5,
    lineHeight: 1.3,
  },
  label: {
    ...LABEL,
    borderWidth: 0.3,
    borderColor: '#888',
    padding: 8,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
  title: { fontSize: 12, fontWeight: 700 },
  mark: { fontSize: 15, fontWeight: 700, maxWidth: 90, textAlign: 'right' },
})

/** Labels for the back of the frame or the drawer, one an impression, A4 to be cut apart: title, artist, how it was made, its mark and year. */
export async function renderLabelsPdf(
  { title, artist, technique, plateSize }: Documentation,
  prints: readonly { mark: string; year: string; maker: string | null }[],
): Promise<Buffer> {
  registerFonts()
  const pages = Array.from({ length: Math.ceil(prints.length / A_PAGE) }, (_, i) =>
    prints.slice(i * A_PAGE, (i + 1) * A_PAGE),
  )
  return renderToBuffer(
    <Document title={`${title}: labels`} language="en">
      {pages.map((of) => (
        <Page key={of[0].mark} size="A4" style={styles.page}>
          {of.map(({ mark, year, maker }, i) => (
            <View key={`${mark} ${i}`} style={styles.label}>
              <View style={{ maxWidth: 150 }}>
                <Text style={styles.title}>{title}</Text>
                <Text>
                  {maker ?? artist}
                  {year ? `, ${year}` : ''}
                </Text>
                <Text>{technique}</Text>
                {plateSize ? <Text>Plate {plateSize}</Text> : null}
              </View>
              <Text style={styles.mark}>{mark}</Text>
            </View>
          ))}
        </Page>
      ))}
    </Document>,
  )
}
