import { Path, renderToBuffer, StyleSheet, Svg, Text, View } from '@react-pdf/renderer'
import type { ShelfLabel } from '@/core/record/shelfLabels'
import { qrOf } from '@/ui/qrOf'
import { labelSheet } from '../../across/sheet/labelSheet'
import { registerFonts } from '../../across/sheet/pdfFonts'

const styles = StyleSheet.create({
  words: { maxWidth: 150 },
  title: { fontSize: 12, fontWeight: 700 },
  code: { width: 84, height: 84 },
})

/** The way to a page of the workshop, for a phone's camera. */
function Code({ address }: { address: string }) {
  const { path, size } = qrOf(address)
  return (
    <Svg viewBox={`0 0 ${size} ${size}`} style={styles.code}>
      <Path d={path} fill="#000" />
    </Svg>
  )
}

/**
 * Labels for tins, drawers, plates and stacks, A4 to be cut apart.
 *
 * @param url where paired devices reach the workshop, for a code that opens the thing's page; null: it is not shared, and there is no code
 */
export async function renderShelfLabelsPdf(
  labels: readonly ShelfLabel[],
  url: string | null,
): Promise<Buffer> {
  registerFonts()
  return renderToBuffer(
    labelSheet(
      'Labels for tins, drawers, plates and stacks',
      labels.map(({ title, lines, page }) => (
        <>
          <View style={styles.words}>
            <Text style={styles.title}>{title}</Text>
            {lines.map((line) => (
              <Text key={line}>{line}</Text>
            ))}
          </View>
          {url ? <Code address={url + page} /> : null}
        </>
      )),
    ),
  )
}
