import Papa from 'papaparse';

/**
 * Any table of the bench as CSV: a column a field, in the order in which fields first stand; lists and parts of a
 * record as JSON. Text that a spreadsheet would run as a formula is quoted harmless.
 *
 * @example tableCsv([{ id: 'a', name: '=1' }]) // `id,name\r\na,"'=1"`
 */
export function tableCsv(records: readonly object[]): string {
  const fields = [...new Set(records.flatMap((record) => Object.keys(record)))];
  const cell = (value: unknown): unknown => {
    if (value === null || value === undefined) return '';
    return typeof value === 'object' ? JSON.stringify(value) : value;
  };
  const data = records.map((record) =>
    fields.map((field) => cell((record as Readonly<Record<string, unknown>>)[field])),
  );
  return Papa.unparse({ fields, data }, { escapeFormulae: true });
}
