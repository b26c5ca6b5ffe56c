import type { SheetFonts } from '@/data/exchange/sheet/pdf-canvas';

async function load(url: URL): Promise<Uint8Array> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`the font did not come (${response.status})`);
  return new Uint8Array(await response.arrayBuffer());
}

/** The two weights that a printed sheet is set in; they ship with the app. */
export async function loadFonts(): Promise<SheetFonts> {
  const [regular, bold] = await Promise.all([
    load(new URL('@fontsource/archivo/files/archivo-latin-400-normal.woff', import.meta.url)),
    load(new URL('@fontsource/archivo/files/archivo-latin-700-normal.woff', import.meta.url)),
  ]);
  return { regular, bold };
}
