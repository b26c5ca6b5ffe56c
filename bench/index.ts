import { benchCuts } from './cut.bench';
import { benchMixes } from './mix.bench';
import { benchPlans } from './plan.bench';
import { benchRacks } from './rack.bench';
import { benchSkirt } from './skirt.bench';
import { benchStations } from './stations.bench';
import { benchStl } from './stl.bench';

async function main(): Promise<void> {
  for await (const line of benchPlans()) process.stdout.write(`${line}\n`);
  for await (const line of benchRacks()) process.stdout.write(`${line}\n`);
  for await (const line of benchMixes()) process.stdout.write(`${line}\n`);
  for await (const line of benchCuts()) process.stdout.write(`${line}\n`);
  for await (const line of benchStations()) process.stdout.write(`${line}\n`);
  process.stdout.write(`${benchStl()}\n`);
  process.stdout.write(`${await benchSkirt()}\n`);
}

void main();
