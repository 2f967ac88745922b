import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import type { Documentation } from '@/core/record/documentation'
import { registerFonts } from '../across/sheet/pdfFonts'

const styles = StyleSheet.create({
  page: { padding: 48, fontFamily: 'Archivo', fontSize: 9.5, lineHeight: 1.35 },
  title: { fontSize: 22, fontWeight: 700, lineHeight: 1.2 },
  heading: {
    fontWeight: 700,
    fontSize: 11,
    marginTop: 14,
    borderBottomWidth: 0.8,
    borderBottomColor: '#000',
    paddingBottom: 2,
  },
  row: { flexDirection: 'row', borderBottomWidth: 0.4, borderBottomColor: '#999', paddingVertical: 2 },
  label: { width: 150, color: '#333' },
  value: { flex: 1 },
  foot: { position: 'absolute', bottom: 24, left: 48, right: 48, fontSize: 8, color: '#555' },
})
const COLUMNS = [
  ['mark', 58],
  ['moment', 150],
  ['hands', 170],
  ['eye', 45],
  ['note', 76],
] as const

/** The font's Latin cut has no arrow; a wiping order reads as well with commas. */
const printable = (text: string) => text.replaceAll(' → ', ', ')

function Sheet({ documentation }: { documentation: Documentation }) {
  return (
    <Document title={documentation.title} author={documentation.subtitle} language="en">
      <Page size="A4" style={styles.page}>
        <Text style={styles.title}>{documentation.title}</Text>
        <Text>{documentation.subtitle}</Text>
        {documentation.sections.map(({ heading, rows }) => (
          <View key={heading}>
            <Text style={styles.heading} minPresenceAhead={30}>
              {heading}
            </Text>
            {rows.map(({ label, value }) => (
              <View key={label} style={styles.row} wrap={false}>
                <Text style={styles.label}>{label}</Text>
                <Text style={styles.value}>{printable(value)}</Text>
              </View>
            ))}
          </View>
        ))}
        {documentation.impressions.length > 0 && (
          <Text style={styles.heading} minPresenceAhead={30}>
            Impressions
          </Text>
        )}
        {documentation.impressions.map((impression) => (
          <View key={impression.mark + impression.moment} style={styles.row} wrap={false}>
            {COLUMNS.map(([column, width]) => (
              <Text key={column} style={{ width, fontWeight: column === 'mark' ? 700 : 400 }}>
                {impression[column]}
              </Text>
            ))}
          </View>
        ))}
        <Text
          style={styles.foot}
          fixed
          render={({ pageNumber, totalPages }) =>
            `${documentation.title}, documentation sheet, page ${pageNumber} of ${totalPages}`
          }
        />
      </Page>
    </Document>
  )
}

/** Renders the documentation sheet as PDF, A4. */
export async function renderDocumentationPdf(documentation: Documentation): Promise<Buffer> {
  registerFonts()
  return renderToBuffer(<Sheet documentation={documentation} />)
}
