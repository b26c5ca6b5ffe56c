import { readFileSync } from 'node:fs';
import { BENCH_FILE_VERSION } from '@/records/bench-file';
import { demoBench } from '@/demo/demo-bench';
import { benchSchema } from './bench-schema';
import { offerPdf } from './sheet/offer-sheet';
import { parseList, readList } from './stock-list/read-list';
import { tableCsv } from './table-csv';

describe('tableCsv', () => {
  it('has a column a field, lists as JSON, and disarms what a spreadsheet would run', () => {
    const csv = tableCsv([
      { id: 'a', name: '=SUM(A1)', tags: [1, 2], none: null },
      { id: 'b', name: '+1', other: true },
    ]);
    expect(csv.split('\r\n')).toEqual([
      'id,name,tags,none,other',
      `a,"'=SUM(A1)","[1,2]",,`,
      `b,"'+1",,,true`,
    ]);
    expect(tableCsv([])).toBe('');
  });
});

describe('benchSchema', () => {
  it('names every table and what a bin is', () => {
    const text = JSON.stringify(benchSchema());
    for (const table of ['entries', 'waterNotes', 'purchases', 'outlays'])
      expect(text).toContain(`"${table}"`);
    expect(benchSchema().title).toBe(`A saved bench, version ${BENCH_FILE_VERSION}`);
  });
});

describe('parseList and readList', () => {
  const columns = {
    name: 0,
    sort: null,
    amount: 1,
    price: null,
    per: null,
    place: null,
    low: null,
    note: null,
  };

  it('reads semicolons and quotes, and names bad rows by their line', async () => {
    const parsed = parseList('\uFEFFname;qty\n"Bead; red";25\n;3\nCord;50 m\n\n');
    if (!parsed.ok) throw new Error(parsed.problem.code);
    const shares: number[] = [];
    const { good, bad } = await readList(parsed.list, columns, [], (share) => shares.push(share));
    expect(good.map(({ name, qty, unit }) => [name, qty, unit])).toEqual([
      ['Bead; red', 25, 'pieces'],
      ['Cord', 50_000, 'mm'],
    ]);
    expect(bad).toEqual([{ line: 3, cells: ['', '3'], problems: [{ code: 'row.no-name' }] }]);
    expect(shares).toEqual([1]);
  });

  it('refuses what is no list', () => {
    expect(parseList('')).toEqual({ ok: false, problem: { code: 'list.empty' } });
    expect(parseList('name,qty')).toEqual({ ok: false, problem: { code: 'list.empty' } });
    expect(parseList('just words\nmore words')).toEqual({ ok: false, problem: { code: 'list.one-column' } });
  });

  it('stops where it is called off', async () => {
    const parsed = parseList(`name,qty\n${'Bead,1\n'.repeat(2000)}`);
    if (!parsed.ok) throw new Error(parsed.problem.code);
    const call = new AbortController();
    const { good } = await readList(parsed.list, columns, [], () => call.abort(), call.signal);
    expect(good).toHaveLength(400);
  });
});

describe('offerPdf', () => {
  it('runs on over as many sheets as it needs', async () => {
    const font = (weight: number) =>
      readFileSync(`node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`);
    const fonts = { regular: font(400), bold: font(700) };
    const line = { name: 'Round 10 g, 2/0, in straw', count: 12, each: '€ 1.20', all: '€ 14.40' };
    const offer = (lines: number) => ({
      title: 'Offer: League',
      from: 'Bench',
      to: 'Club',
      day: '26 November 2026',
      total: '€ 14.40',
      lines: Array.from({ length: lines }, () => line),
      notes: ['Stands until then.'],
    });
    const [short, long] = [await offerPdf(offer(2), fonts), await offerPdf(offer(90), fonts)];
    const pages = async (pdf: Uint8Array) =>
      (await (await import('pdf-lib')).PDFDocument.load(pdf)).getPageCount();
    expect(await pages(short)).toBe(1);
    expect(await pages(long)).toBeGreaterThan(1);
  });
});

describe('the made-up bench', () => {
  it('goes out table by table', () => {
    const demo = demoBench(Date.UTC(2026, 10, 23, 12));
    expect(tableCsv(demo.bins).split('\r\n')).toHaveLength(demo.bins.length + 1);
  });
});
