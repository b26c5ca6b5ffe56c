import { crc32, deflateSync } from 'node:zlib';

type Rgb = readonly [red: number, green: number, blue: number];

function chunk(name: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(name, 'latin1'), data]);
  const sized = Buffer.alloc(4);
  sized.writeUInt32BE(data.length);
  const checked = Buffer.alloc(4);
  checked.writeUInt32BE(crc32(body));
  return Buffer.concat([sized, body, checked]);
}

/** A PNG whose pixels are told by a function: 8 bits a channel, no opacity. */
export function pngOf(width: number, height: number, colorAt: (x: number, y: number) => Rgb): Buffer {
  const rows = Buffer.alloc((width * 3 + 1) * height);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const at = y * (width * 3 + 1) + 1 + x * 3;
      const [red, green, blue] = colorAt(x, y);
      rows[at] = red;
      rows[at + 1] = green;
      rows[at + 2] = blue;
    }
  }
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows, { level: 1 })),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}
