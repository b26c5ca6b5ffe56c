import { CONTENTS_TABLES, type BenchContents } from './bench-file';

export interface LooseEnd {
  readonly where: string;
  readonly why: string;
}

/**
 * The first place where a bench does not hang together: an id that stands twice in a table, or a record that
 * names another that is not there.
 *
 * @example findLooseEnd(EMPTY_CONTENTS) // null
 */
export function findLooseEnd(contents: BenchContents): LooseEnd | null {
  const ids = new Map<string, Set<string>>();
  for (const table of CONTENTS_TABLES) {
    const seen = new Set<string>();
    for (const [index, record] of contents[table].entries()) {
      if (seen.has(record.id)) return { where: `${table}.${index}.id`, why: `'${record.id}' stands twice` };
      seen.add(record.id);
    }
    ids.set(table, seen);
  }
  const missing = (table: string, id: string | null) => id !== null && !ids.get(table)?.has(id);
  for (const [index, entry] of contents.entries.entries()) {
    if (missing('bins', entry.binId)) {
      return { where: `entries.${index}.binId`, why: `there is no bin '${entry.binId}'` };
    }
  }
  for (const [index, pour] of contents.pours.entries()) {
    if (missing('runs', pour.runId)) {
      return { where: `pours.${index}.runId`, why: `there is no run '${pour.runId}'` };
    }
  }
  for (const [index, ticket] of contents.tickets.entries()) {
    for (const line of ticket.lines) {
      const gone = [line.metalBinId, line.hookBinId].find((id) => missing('bins', id));
      if (gone) return { where: `tickets.${index}.lines`, why: `there is no bin '${gone}'` };
    }
  }
  for (const [index, ticket] of contents.tickets.entries()) {
    const gone = ticket.lines.find(({ coatId }) => missing('coats', coatId));
    if (gone) return { where: `tickets.${index}.lines`, why: `there is no color '${gone.coatId}'` };
  }
  for (const [index, coat] of contents.coats.entries()) {
    const powders = [
      coat.base.kind === 'powder' ? coat.base.powderBinId : null,
      coat.second?.powderBinId ?? null,
      coat.clearBinId,
    ];
    const gone = powders.find((id) => missing('bins', id));
    if (gone) return { where: `coats.${index}`, why: `there is no powder '${gone}'` };
  }
  for (const [index, rack] of contents.racks.entries()) {
    const gone = rack.hung.find(
      ({ headBinId, coatId }) => missing('bins', headBinId) || missing('coats', coatId),
    );
    if (gone) return { where: `racks.${index}.hung`, why: `there is no head '${gone.headBinId}'` };
    if (missing('heaters', rack.ovenId)) {
      return { where: `racks.${index}.ovenId`, why: `there is no oven '${rack.ovenId}'` };
    }
  }
  const skirtLinks: readonly (readonly [string, string | null])[] = [
    ...contents.tickets.flatMap(({ lines }, at) =>
      lines.map(({ skirtId }) => [`tickets.${at}.lines`, skirtId] as const),
    ),
    ...contents.tyings.map(({ skirtId }, at) => [`tyings.${at}.skirtId`, skirtId] as const),
    ...contents.waterNotes.flatMap(({ of }, at) =>
      of?.kind === 'skirt' ? [[`waterNotes.${at}.of`, of.id] as const] : [],
    ),
    ...contents.bins.flatMap((bin, at) =>
      bin.kind === 'head' ? [[`bins.${at}.skirtId`, bin.skirtId] as const] : [],
    ),
  ];
  const looseSkirt = skirtLinks.find(([, id]) => missing('skirts', id));
  if (looseSkirt) return { where: looseSkirt[0], why: `there is no skirt '${looseSkirt[1]}'` };
  for (const [index, skirt] of contents.skirts.entries()) {
    const gone = skirt.layers.find(({ binId }) => missing('bins', binId));
    if (gone) return { where: `skirts.${index}.layers`, why: `there is no material '${gone.binId}'` };
  }
  for (const [index, each] of contents.builds.entries()) {
    const parts = [
      each.frameBinId,
      each.end.binId,
      each.end.bladeBinId,
      ...each.arm.flatMap(({ binId, bladeBinId }) => [binId, bladeBinId]),
      ...each.slots.map(({ binId }) => binId),
    ];
    const gone = parts.find((id) => missing('bins', id));
    if (gone) return { where: `builds.${index}`, why: `there is no part '${gone}'` };
    if (missing('skirts', each.skirtId)) {
      return { where: `builds.${index}.skirtId`, why: `there is no skirt '${each.skirtId}'` };
    }
  }
  for (const [index, { buildId }] of contents.buildings.entries()) {
    if (missing('builds', buildId)) {
      return { where: `buildings.${index}.buildId`, why: `there is no build '${buildId}'` };
    }
  }
  for (const [index, { plasticId, binId }] of contents.plasticBatches.entries()) {
    if (missing('plastics', plasticId) || missing('bins', binId)) {
      return {
        where: `plasticBatches.${index}`,
        why: `there is no color '${plasticId}' or no bin '${binId}'`,
      };
    }
  }
  for (const [index, { items }] of contents.rigs.entries()) {
    const own = new Set(items.map(({ id }) => id));
    const gone = items.find(({ binId }) => missing('bins', binId));
    if (gone) return { where: `rigs.${index}`, why: `there is no part '${gone.binId}'` };
    const loose = items.find(({ on }) => on !== null && !own.has(on));
    if (loose) return { where: `rigs.${index}`, why: `nothing is called '${loose.on}' to hang from` };
  }
  for (const [index, { rigId }] of contents.riggings.entries()) {
    if (missing('rigs', rigId)) {
      return { where: `riggings.${index}.rigId`, why: `there is no rig '${rigId}'` };
    }
  }
  for (const [index, { lines }] of contents.kits.entries()) {
    const gone = lines.find(({ binId }) => missing('bins', binId));
    if (gone) return { where: `kits.${index}`, why: `there is no bin '${gone.binId}'` };
  }
  const cavities = new Set(contents.molds.flatMap((mold) => mold.cavities.map((cavity) => cavity.id)));
  for (const [index, weighing] of contents.weighings.entries()) {
    if (
      missing('molds', weighing.moldId) ||
      (weighing.cavityId !== null && !cavities.has(weighing.cavityId))
    ) {
      return { where: `weighings.${index}.cavityId`, why: `there is no cavity '${weighing.cavityId}'` };
    }
  }
  return null;
}
