import { strToU8, zipSync } from 'fflate';
import type { Triangles } from './mesh';
import { weldMesh } from './weld-mesh';

/** A body of a 3MF file: nine numbers a triangle, mm. */
export interface NamedBody {
  readonly name: string;
  readonly triangles: Triangles;
}

const TYPES = `<?xml version="1.0" encoding="UTF-8"?>
<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/></Types>`;
const RELATIONS = `<?xml version="1.0" encoding="UTF-8"?>
<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Target="/3D/3dmodel.model" Id="rel0" Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/></Relationships>`;
/** To a thousandth of a micrometer: what was one corner stays one. */
const DIGITS = 6;

const escaped = (text: string) => text.replace(/[&<>"]/g, (mark) => `&#${mark.charCodeAt(0)};`);

/**
 * Bodies in one 3MF file, in mm, corners shared: what slicers open as one plate.
 *
 * Source: 3MF Core Specification 1.3, by its open standard.
 *
 * @example write3mf([{ name: 'Front half', triangles }], 'Round 10 g')[0] // 0x50, a zip
 */
export function write3mf(bodies: readonly NamedBody[], title: string): Uint8Array<ArrayBuffer> {
  const objects = bodies.map(({ name, triangles }, nth) => {
    const { positions, corners } = weldMesh(triangles);
    const vertices: string[] = [];
    for (let at = 0; at + 2 < positions.length; at += 3) {
      const [x, y, z] = [0, 1, 2].map((axis) => Number((positions[at + axis] ?? 0).toFixed(DIGITS)));
      vertices.push(`<vertex x="${x}" y="${y}" z="${z}"/>`);
    }
    const faces: string[] = [];
    for (let at = 0; at + 2 < corners.length; at += 3) {
      const [a, b, c] = [corners[at], corners[at + 1], corners[at + 2]];
      // Two corners in one place make no face; its neighbors meet without it.
      if (a !== b && b !== c && c !== a) faces.push(`<triangle v1="${a}" v2="${b}" v3="${c}"/>`);
    }
    return `<object id="${nth + 1}" name="${escaped(name)}" type="model"><mesh><vertices>${vertices.join('')}</vertices><triangles>${faces.join('')}</triangles></mesh></object>`;
  });
  const items = bodies.map((_, nth) => `<item objectid="${nth + 1}"/>`).join('');
  const model = `<?xml version="1.0" encoding="UTF-8"?>
<model unit="millimeter" xml:lang="en-US" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02"><metadata name="Title">${escaped(title)}</metadata><resources>${objects.join('')}</resources><build>${items}</build></model>`;
  const zipped = zipSync({
    '[Content_Types].xml': strToU8(TYPES),
    '_rels/.rels': strToU8(RELATIONS),
    '3D/3dmodel.model': strToU8(model),
  });
  return new Uint8Array(zipped);
}
