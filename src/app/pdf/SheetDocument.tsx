import { Document, Page, StyleSheet, Text, View } from '@react-pdf/renderer'
import { zoneFacts } from '@/core/hookup/catalogue/zone'
import type { LeakItem } from '@/core/leak-test/sheet/leakSheet'
import { plainText } from './pdfResponse'

const styles = StyleSheet.create({
  page: { padding: 32, fontFamily: 'Helvetica', fontSize: 9, color: '#000' },
  title: { fontSize: 16, fontFamily: 'Helvetica-Bold', marginBottom: 4 },
  row: { flexDirection: 'row', borderBottomWidth: 0.5, paddingVertical: 2 },
  number: { width: 24 },
  place: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  zone: { width: 110 },
  write: { width: 90, borderLeftWidth: 0.5, minHeight: 11 },
})

/** Printable leak sheet, with room to write. */
export function SheetDocument({ sheets }: { sheets: readonly { name: string; items: readonly LeakItem[] }[] }) {
  return (
    <Document title="Leak sheet" producer="Gold Kettle" creator="Gold Kettle">
      {sheets.map(({ name, items }) => (
        <Page key={name} size="LETTER" style={styles.page}>
          <Text style={styles.title}>{plainText(`Leak sheet · ${name}`)}</Text>
          <Text style={{ marginBottom: 6 }}>
            {plainText(
              'Prove the pressure first, without a gauge by a burner after the soap. Soap every place, upstream first; never a match. Grades: none, slow beads, steady foam, fast bubbles, hiss. Any leak: shut the valve, repair, soap again. Closed when all read none and an appliance burned.',
            )}
          </Text>
          {items.map((item, i) => (
            <View key={item.id} style={styles.row} wrap={false}>
              <Text style={styles.number}>{i + 1}</Text>
              <Text style={styles.place}>{plainText(item.name + (item.inside ? ' (inside)' : ''))}</Text>
              <Text style={styles.zone}>{plainText(zoneFacts[item.zone].name)}</Text>
              <Text style={styles.write}> </Text>
              <Text style={styles.write}> </Text>
            </View>
          ))}
          <Text style={{ marginTop: 14 }}>
            Appliance burned: ____________________ Date: ______________ By: ____________________
          </Text>
        </Page>
      ))}
    </Document>
  )
}
