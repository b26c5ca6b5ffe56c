import { backupExchange } from '../exchange/backup';
import { batchRepository } from './batches';
import { beginningRepository } from './beginnings';
import { benchRepository } from './bench';
import { buildingRepository } from './buildings';
import { buildRepository } from './builds';
import { buyingRepository } from './buying';
import { cabinetRepository } from './cabinet';
import { outlayRepository } from './outlays';
import { coatRepository } from './coats';
import { clockRepository } from './clocks';
import { historyRepository } from './history';
import { kitRepository } from './kits';
import { lengthRepository } from './lengths';
import { metalRepository } from './metals';
import { moldRepository } from './molds';
import { plasticRepository } from './plastics';
import { rackRepository } from './racks';
import { riggingRepository } from './riggings';
import { rigRepository } from './rigs';
import { ruleRepository } from './rules';
import { runRepository } from './runs';
import { shelfRepository } from './shelf';
import { skirtRepository } from './skirts';
import { ticketRepository } from './tickets';
import { tyingRepository } from './tyings';
import { waterRepository } from './water';
import { weighingRepository } from './weighings';
import type { Store } from '../store';

/** Every repository over one store. */
export function openRepositories(store: Store) {
  return {
    bench: benchRepository(store),
    beginnings: beginningRepository(store),
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
    water: waterRepository(store),
    buying: buyingRepository(store),
    cabinet: cabinetRepository(store),
    outlays: outlayRepository(store),
    clocks: clockRepository(store),
    history: historyRepository(store),
    backup: backupExchange(store),
    now: store.now,
    newId: store.newId,
  };
}

export type Repositories = ReturnType<typeof openRepositories>;
