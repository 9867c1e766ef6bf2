import { defineConfig } from 'drizzle-kit'

export default defineConfig({
  dialect: 'sqlite',
  schema: [
    './src/records/schema.ts',
    './src/records/lineTables.ts',
    './src/records/heatTables.ts',
    './src/records/tripTables.ts',
  ],
  out: './drizzle',
  casing: 'snake_case',
})
