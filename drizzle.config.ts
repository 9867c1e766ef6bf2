import { defineConfig } from 'drizzle-kit'

export default defineConfig({
  dialect: 'sqlite',
  schema: [
    './src/records/schema/schema.ts',
    './src/records/schema/lineTables.ts',
    './src/records/schema/heatTables.ts',
    './src/records/schema/tripTables.ts',
    './src/records/schema/practiceTables.ts',
  ],
  out: './drizzle',
  casing: 'snake_case',
})
