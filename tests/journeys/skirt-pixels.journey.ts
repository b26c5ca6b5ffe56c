import type { Locator } from '@playwright/test';
import { strandTones } from '../../src/core/skirts/strand-tones';
import { plainSkirt } from '../support/heavy-work';
import { openSkirt, sharesOf } from './skirt-bench';
import { expect, test } from './bench-test';

// Fine enough that the narrowest gap between two strands is some pixels wide.
test.use({ deviceScaleFactor: 4 });

const MATERIALS = [
  { binId: 'tab-reed-green', name: 'reed green', hex: '#5f6f35' },
  { binId: 'tab-dusk', name: 'dusk', hex: '#8f7fa8' },
  { binId: 'tab-straw', name: 'straw', hex: '#d2b35a' },
  { binId: 'tab-silt-brown', name: 'silt brown', hex: '#5a4433' },
] as const;

/** What else is in the picture: paper, shade, lead, wire with its dark and lit sides, outlines, eyes of nothing. */
const OTHERS = ['#fffdf8', '#a59d8c', '#7c868e', '#5b646b', '#272c31', '#c9d0d5', '#23272b'];

/** Counts the pixels of a drawing as it stands on the screen: each goes to the color nearest to it. */
async function countPixels(drawing: Locator): Promise<Map<string, number>> {
  await drawing.scrollIntoViewIfNeeded();
  // The light on the head runs through all tones of gray, some of them near to a strand's.
  await drawing.evaluate((svg) => {
    for (const light of svg.querySelectorAll('[fill^="url(#lit-"]'))
      light.setAttribute('visibility', 'hidden');
  });
  const picture = (await drawing.screenshot()).toString('base64');
  const palette = [
    ...MATERIALS.flatMap(({ name, hex }) => strandTones(hex).map((tone) => ({ name, hex: tone as string }))),
    ...OTHERS.map((hex) => ({ name: '', hex })),
  ];
  const counted = await drawing.page().evaluate(
    async ({ picture: data, palette: colors }) => {
      const image = new Image();
      image.src = `data:image/png;base64,${data}`;
      await image.decode();
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [image.width, image.height];
      const context = canvas.getContext('2d')!;
      context.drawImage(image, 0, 0);
      const { data: pixels } = context.getImageData(0, 0, image.width, image.height);
      const rgb = colors.map(({ name, hex }) => ({
        name,
        at: [1, 3, 5].map((from) => Number.parseInt(hex.slice(from, from + 2), 16)) as [
          number,
          number,
          number,
        ],
      }));
      const counts: Record<string, number> = {};
      for (let at = 0; at < pixels.length; at += 4) {
        let [best, name] = [Infinity, ''];
        for (const color of rgb) {
          const off =
            (pixels[at]! - color.at[0]) ** 2 +
            (pixels[at + 1]! - color.at[1]) ** 2 +
            (pixels[at + 2]! - color.at[2]) ** 2;
          if (off < best) [best, name] = [off, color.name];
        }
        if (name !== '') counts[name] = (counts[name] ?? 0) + 1;
      }
      return counts;
    },
    { picture, palette },
  );
  const total = Object.values(counted).reduce((so, each) => so + each, 0);
  return new Map(Object.entries(counted).map(([name, count]) => [name, count / total]));
}

const RECIPES = [
  { title: 'folded back', foldedBack: true, strands: [40, 20, 10, 10] },
  { title: 'tied and left', foldedBack: false, strands: [20, 10, 10, 20] },
] as const;

for (const { title, foldedBack, strands } of RECIPES) {
  test(`the pixels of a skirt ${title} are the shares of skirt.appearance, at rest and flared`, async ({
    page,
    request,
  }) => {
    const layers = MATERIALS.map(({ binId }, index) => ({
      binId,
      strands: strands[index]!,
      isForward: foldedBack,
    }));
    await openSkirt(page, (contents) => plainSkirt(contents, layers));
    const reply = await request.post('/api/calc/skirt.appearance', {
      data: {
        layers: MATERIALS.map(({ name }, index) => ({ material: name, strands: strands[index] })),
        strandWidthMm: 1,
        collarDiameterMm: 6,
        foldedBack,
      },
    });
    const told = (await reply.json()) as Record<'rest' | 'flared', { material: string; share: number }[]>;
    for (const [state, name, bar] of [
      ['rest', 'The skirt at rest', 'shows at rest'],
      ['flared', 'The skirt on a stop', 'shows on a stop'],
    ] as const) {
      const [pixels, said] = [await countPixels(page.getByRole('img', { name })), await sharesOf(page, bar)];
      for (const { material, share } of told[state]) {
        expect(Math.abs((pixels.get(material) ?? 0) - share), `${material}, ${state}`).toBeLessThan(0.03);
        // The bar leaves out what nobody would see.
        expect(Math.abs((said.get(material) ?? 0) - share), `${material} on the bar`).toBeLessThan(0.006);
      }
    }
  });
}
