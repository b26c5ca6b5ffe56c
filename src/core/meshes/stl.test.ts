import fc from 'fast-check';
import { ballMesh, boxMesh, moved, textStl } from '../../../tests/support/test-meshes';
import { measureMesh } from './measure-mesh';
import { readStl } from './read-stl';
import { writeStl } from './write-stl';

const bytesOf = (text: string) => new TextEncoder().encode(text);

function problemOf(bytes: Uint8Array) {
  const read = readStl(bytes);
  return read.ok ? null : read.problem;
}

function trianglesOf(bytes: Uint8Array): number[] {
  const read = readStl(bytes);
  if (!read.ok) throw new Error(read.problem.code);
  return Array.from(read.value);
}

const BOX = boxMesh(10, 20, 30);

describe('readStl', () => {
  it('reads back what was written, to single precision', () => {
    fc.assert(
      fc.property(
        fc.array(fc.float({ min: -1000, max: 1000, noNaN: true }), { minLength: 9, maxLength: 90 }),
        (numbers) => {
          const triangles = numbers.slice(0, numbers.length - (numbers.length % 9));
          expect(trianglesOf(writeStl(triangles, 'any'))).toEqual(triangles);
        },
      ),
    );
  });

  it('reads text in any case, line ending and layout, to double precision', () => {
    const thirds = BOX.map((value) => value / 3);
    expect(trianglesOf(bytesOf(textStl(thirds)))).toEqual(thirds);
    expect(trianglesOf(bytesOf(textStl(thirds, '\r\n').toUpperCase()))).toEqual(thirds);
    expect(trianglesOf(bytesOf(`\ufeff${textStl(BOX)}`))).toEqual(BOX);
    expect(trianglesOf(bytesOf(textStl(BOX).replace(/\s+/g, ' ')))).toEqual(BOX);
    expect(trianglesOf(bytesOf(textStl(BOX) + textStl(moved(BOX, [50, 0, 0]))))).toHaveLength(216);
    expect(trianglesOf(bytesOf(textStl(BOX).replace('solid part', 'solid')))).toEqual(BOX);
  });

  it('goes by the count, not by the first word', () => {
    const bytes = writeStl(BOX, '');
    bytes.set(bytesOf('solid made by a program that writes this first\nfacet normal'));
    expect(trianglesOf(bytes)).toEqual(BOX);
  });

  it('reads a view into a larger buffer, and past padding', () => {
    const written = writeStl(BOX, 'x');
    const room = new Uint8Array(written.length + 100);
    room.set(written, 37);
    expect(trianglesOf(room.subarray(37, 37 + written.length))).toEqual(BOX);
    expect(trianglesOf(room.subarray(37))).toEqual(BOX);
  });

  it('says what is wrong with a broken file', () => {
    const written = writeStl(BOX, 'x');
    expect(problemOf(new Uint8Array())).toMatchObject({ code: 'stl.empty' });
    expect(problemOf(written.subarray(0, 400))).toMatchObject({
      code: 'stl.truncated',
      facts: { told: 12, found: 6 },
    });
    expect(problemOf(written.subarray(0, 84))).toMatchObject({ code: 'stl.truncated' });
    expect(problemOf(written.subarray(0, 60))).toMatchObject({ code: 'stl.not-stl' });
    expect(problemOf(new Uint8Array(84))).toMatchObject({ code: 'stl.empty' });
    expect(problemOf(bytesOf('{"not":"a mesh"}'.repeat(40)))).toMatchObject({ code: 'stl.not-stl' });
    expect(problemOf(bytesOf('solid nothing\nendsolid nothing\n'))).toMatchObject({ code: 'stl.empty' });
    const text = textStl(BOX);
    expect(problemOf(bytesOf(text.slice(0, 700)))).toMatchObject({
      code: 'stl.cut-off',
      facts: { found: 5 },
    });
    expect(problemOf(bytesOf(text.replace('endsolid part', '')))).toMatchObject({
      code: 'stl.cut-off',
      facts: { found: 12 },
    });
    expect(problemOf(bytesOf(text.replace('vertex 0 0 0', 'vertex 0 zero 0')))).toMatchObject({
      code: 'stl.broken-line',
      facts: { line: 4, text: 'zero' },
    });
    expect(problemOf(bytesOf(text.replace('vertex 0 0 0', 'vertex 0 nan 0')))).toMatchObject({
      code: 'stl.not-finite',
      facts: { triangle: 0 },
    });
    const infinite = writeStl(BOX, 'x');
    new DataView(infinite.buffer).setFloat32(84 + 50 * 3 + 12, Infinity, true);
    expect(problemOf(infinite)).toMatchObject({ code: 'stl.not-finite', facts: { triangle: 3 } });
  });

  it('never throws, whatever comes', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), fc.boolean(), (noise, asText) => {
        const head = bytesOf('solid x\nfacet normal ');
        readStl(asText ? Uint8Array.from([...head, ...noise]) : noise);
      }),
    );
  });

  it('brings a closed body back closed', () => {
    const ball = ballMesh(10, 64);
    const back = measureMesh(trianglesOf(writeStl(ball, 'ball')));
    expect(back).toMatchObject({ watertight: true });
    expect(back.volumeCm3 / measureMesh(ball).volumeCm3).toBeCloseTo(1, 6);
  });
});
