import { benchPlans } from './plan.bench';
import { benchStl } from './stl.bench';

async function main(): Promise<void> {
  for await (const line of benchPlans()) process.stdout.write(`${line}\n`);
  process.stdout.write(`${benchStl()}\n`);
}

void main();
