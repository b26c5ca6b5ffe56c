// Lints lines of code as if each stood in a file of the project: a list of {file, code} in, the rules broken out.
// A process of its own, since the lint loads its settings as a module and Jest's sandbox does not let it.
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import { ESLint } from 'eslint';

const root = new URL('../..', import.meta.url).pathname;
const eslint = new ESLint({ cwd: root });
const answers = [];
for (const { file, code } of JSON.parse(await text(process.stdin))) {
  const [result] = await eslint.lintText(`${code}\n`, { filePath: join(root, file) });
  answers.push(result.messages.map((message) => message.ruleId ?? message.message));
}
process.stdout.write(JSON.stringify(answers));
