import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import type { Documentation } from '@/core/record/documentation'
import { registerFonts } from '../across/sheet/pdfFonts'

const styles = StyleSheet.create({
  page: { padding: 40, fontFamily: 'Archivo', fontSize: 8.5, lineHeight: 1.3 },
  title: { fontSize: 24, fontWeight: 700, lineHeight: 1.2 },
  mark: { fontSize: 32, fontWeight: 700, marginVertical: 10, lineHeight: 1.1 },
  row: { flexDirection: 'row', borderBottomWidth: 0.4, borderBottomColor: '#999', paddingVertical: 3 },
  label: { width: 130, color: '#333' },
  value: { flex: 1 },
  signed: { marginTop: 36, borderTopWidth: 0.8, borderTopColor: '#000', width: 220, paddingTop: 4 },
  foot: { position: 'absolute', bottom: 32, left: 56, right: 56, fontSize: 8, color: '#555' },
})

/** Facts that fit on one page with the room to sign. */
const MOST_FACTS = 12

/** Certificates, one page an impression, A5: what it is, how it was made, and room to sign. @param marks of which impressions */
export async function renderCertificatesPdf(
  documentation: Documentation,
  marks: readonly string[],
): Promise<Buffer> {
  registerFonts()
  const of = documentation.impressions.filter(({ mark }) => marks.includes(mark))
  const facts = documentation.sections
    .slice(0, 2)
    .flatMap(({ rows }) => rows)
    // A certificate states what somebody typed or measured, and nothing that only stood there.
    .filter(({ isDefault }) => !isDefault)
    .slice(0, MOST_FACTS)
  return renderToBuffer(
    <Document title={`${documentation.title}: certificates`} language="en">
      {of.map(({ mark, moment, hands }) => (
        <Page key={mark + moment} size="A5" style={styles.page}>
          <Text style={styles.title}>{documentation.title}</Text>
          <Text>{documentation.subtitle}</Text>
          <Text style={styles.mark}>{mark}</Text>
          {[{ label: 'Pulled', value: moment }, { label: 'Hands', value: hands }, ...facts]
            .filter(({ value }) => value)
            .map(({ label, value }) => (
              <View key={label} style={styles.row} wrap={false}>
                <Text style={styles.label}>{label}</Text>
                <Text style={styles.value}>{value}</Text>
              </View>
            ))}
          <Text style={styles.signed}>Signed by the printer</Text>
          <Text style={styles.foot}>What must be disclosed with an edition differs from place to place.</Text>
        </Page>
      ))}
    </Document>,
  )
}
