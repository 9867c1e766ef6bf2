import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { calculationLines, exportText, interfaceText, openFrozen, schemaText, sha256 } from '@tests/frozen/fixtures'
import { temporaryDatabase } from '@tests/records/temporary'

// `npm run freeze`: writes the comparison files of tests/frozen again. Say in its README what changed and why.

const write = (name: string, text: string): void => {
  writeFileSync(path.join('tests/frozen', name), text)
}

write('export.json', exportText(openFrozen('demo.db.gz')))
write('five-years.sha256', sha256(exportText(openFrozen('five-years.db.gz'))))
write('schema.json', schemaText(temporaryDatabase()))
write('calculations.json', `[\n${(await calculationLines()).join(',\n')}\n]\n`)
write('interface.json', await interfaceText())
