import { backupExchange } from './exchange/backup';
import { batchRepository } from './repositories/batches';
import { benchRepository } from './repositories/bench';
import { buildingRepository } from './repositories/buildings';
import { buildRepository } from './repositories/builds';
import { coatRepository } from './repositories/coats';
import { clockRepository } from './repositories/clocks';
import { historyRepository } from './repositories/history';
import { kitRepository } from './repositories/kits';
import { lengthRepository } from './repositories/lengths';
import { metalRepository } from './repositories/metals';
import { moldRepository } from './repositories/molds';
import { plasticRepository } from './repositories/plastics';
import { rackRepository } from './repositories/racks';
import { riggingRepository } from './repositories/riggings';
import { rigRepository } from './repositories/rigs';
import { ruleRepository } from './repositories/rules';
import { runRepository } from './repositories/runs';
import { shelfRepository } from './repositories/shelf';
import { skirtRepository } from './repositories/skirts';
import { ticketRepository } from './repositories/tickets';
import { tyingRepository } from './repositories/tyings';
import { weighingRepository } from './repositories/weighings';
import type { Store } from './store';

/** Every repository over one store. */
export function openWorkshop(store: Store) {
  return {
    bench: benchRepository(store),
    shelf: shelfRepository(store),
    metals: metalRepository(store),
    molds: moldRepository(store),
    weighings: weighingRepository(store),
    rules: ruleRepository(store),
    tickets: ticketRepository(store),
    runs: runRepository(store),
    batches: batchRepository(store),
    coats: coatRepository(store),
    racks: rackRepository(store),
    skirts: skirtRepository(store),
    tyings: tyingRepository(store),
    builds: buildRepository(store),
    buildings: buildingRepository(store),
    plastics: plasticRepository(store),
    rigs: rigRepository(store),
    riggings: riggingRepository(store),
    lengths: lengthRepository(store),
    kits: kitRepository(store),
    clocks: clockRepository(store),
    history: historyRepository(store),
    backup: backupExchange(store),
    now: store.now,
    newId: store.newId,
  };
}

export type Workshop = ReturnType<typeof openWorkshop>;
