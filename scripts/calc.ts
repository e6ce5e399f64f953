import { readFileSync } from 'node:fs';

import { calcAnswer } from './calcAnswer.ts';

/** `calc --list`, `calc <name> '<json>'`, or `calc <name>` with the JSON on standard input. */
const { refused, text } = calcAnswer(process.argv.slice(2), () => readFileSync(0, 'utf8'));
(refused ? process.stderr : process.stdout).write(`${text}\n`);
process.exitCode = refused ? 1 : 0;
