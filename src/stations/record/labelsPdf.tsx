import { renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import type { Documentation } from '@/core/record/documentation'
import { labelSheet } from '../across/sheet/labelSheet'
import { registerFonts } from '../across/sheet/pdfFonts'

const styles = StyleSheet.create({
  title: { fontSize: 12, fontWeight: 700 },
  mark: { fontSize: 15, fontWeight: 700, maxWidth: 90, textAlign: 'right' },
})

/** Labels for the back of the frame or the drawer, one an impression, A4 to be cut apart: title, artist, how it was made, its mark and year. */
export async function renderLabelsPdf(
  { title, artist, technique, plateSize }: Documentation,
  prints: readonly { mark: string; year: string; maker: string | null }[],
): Promise<Buffer> {
  registerFonts()
  return renderToBuffer(
    labelSheet(
      `${title}: labels`,
      prints.map(({ mark, year, maker }) => (
        <>
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
        </>
      )),
    ),
  )
}
