import { carryOut } from './command';

carryOut(process.argv.slice(2), {
  input: process.stdin,
  say: (text) => process.stdout.write(text),
  complain: (text) => process.stderr.write(text),
}).then(
  (code) => {
    process.exitCode = code;
  },
  (error: unknown) => {
    process.stderr.write(`${String(error)}\n`);
    process.exitCode = 1;
  },
);
