import { inBrowser } from './browser';
import { benchCuts } from './cut.bench';
import { benchFreeze } from './freeze.bench';
import { benchMixes } from './mix.bench';
import { benchPlans } from './plan.bench';
import { benchRacks } from './rack.bench';
import { benchSight } from './sight.bench';
import { benchSkirt } from './skirt.bench';
import { benchStations } from './stations.bench';
import { benchStl } from './stl.bench';
import { benchTruth } from './truth.bench';
import { benchWatch } from './watch.bench';
import { benchWeeks } from './week.bench';
import { benchWorks } from './works.bench';

const IN_NODE = [
  benchTruth,
  benchPlans,
  benchRacks,
  benchMixes,
  benchCuts,
  benchSight,
  benchFreeze,
  benchWeeks,
];
const IN_BROWSER = [benchWorks, benchWatch, benchStations, benchSkirt];

async function main(): Promise<void> {
  for (const bench of IN_NODE) for await (const line of bench()) process.stdout.write(`${line}\n`);
  process.stdout.write(`${benchStl()}\n`);
  for (const bench of IN_BROWSER)
    for await (const line of inBrowser(bench)) process.stdout.write(`${line}\n`);
}

main().catch((error: unknown) => {
  process.stderr.write(`${String(error)}\n`);
  process.exitCode = 1;
});
