import { Document, Page, StyleSheet, View } from '@react-pdf/renderer'
import type { ReactNode } from 'react'

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
})

/** Labels on A4 to be cut apart. @param labels what stands on each */
export function labelSheet(title: string, labels: readonly ReactNode[]) {
  const pages = Array.from({ length: Math.max(1, Math.ceil(labels.length / A_PAGE)) }, (_, i) =>
    labels.slice(i * A_PAGE, (i + 1) * A_PAGE),
  )
  return (
    <Document title={title} language="en">
      {pages.map((of, page) => (
        <Page key={page} size="A4" style={styles.page}>
          {of.map((label, i) => (
            <View key={i} style={styles.label}>
              {label}
            </View>
          ))}
        </Page>
      ))}
    </Document>
  )
}
