/**
 * Holds what a template shows to be a text, a number or nothing: a saying that was not said would
 * stand there with its key and values, the name of a choice (`'calm'`) in English in every
 * language. The compiler takes anything in a template's braces, so the screens are copied, each
 * brace and each name that is heard is wrapped in a function that takes only what can be read, and
 * the copy is compiled. Ends with 1 where something else is shown.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';

const SCREENS = 'packages/web';
const COPY = `${SCREENS}/.shown`;

const MAY_BE_SHOWN = `export {};
import type { TextSaid } from '@furrow/core';
declare module 'vue' {
  interface ComponentCustomProperties {
    $shown: <Text extends string | number | boolean | null | undefined>(
      text: Text & TextSaid<Extract<Text, string>>,
    ) => string;
  }
}
`;

/** What a template says in an attribute: read or heard like what stands in its braces. */
const NAMES = /:(label|aria-label|title|placeholder|header)="([^"]*)"/g;

/** A component with all that its template shows held to {@link MAY_BE_SHOWN}. */
function wrapped(component: string): string {
  const [from, to] = [component.indexOf('<template'), component.lastIndexOf('</template>')];
  if (from < 0) return component;
  const template = component
    .slice(from, to)
    .replace(/\{\{([\s\S]*?)\}\}/g, (_, shown: string) => `{{ $shown(${shown.trim()}) }}`)
    .replace(NAMES, (_, name: string, heard: string) => `:${name}="$shown(${heard.trim()})"`);
  return component.slice(0, from) + template + component.slice(to);
}

function copyScreens(): void {
  rmSync(COPY, { recursive: true, force: true });
  cpSync(`${SCREENS}/src`, `${COPY}/src`, { recursive: true });
  for (const name of readdirSync(`${COPY}/src`, { recursive: true, encoding: 'utf8' })) {
    const file = `${COPY}/src/${name}`;
    if (name.endsWith('.vue')) writeFileSync(file, wrapped(readFileSync(file, 'utf8')));
  }
  writeFileSync(`${COPY}/src/shown.d.ts`, MAY_BE_SHOWN);
  const config = readFileSync(`${SCREENS}/tsconfig.json`, 'utf8')
    .replace('../../tsconfig.base.json', '../../../tsconfig.base.json')
    .replace('../core/', '../../core/');
  writeFileSync(`${COPY}/tsconfig.json`, config);
}

copyScreens();
const { stdout, status } = spawnSync(
  process.execPath,
  ['node_modules/vue-tsc/bin/vue-tsc.js', '--noEmit', '-p', `${COPY}/tsconfig.json`],
  { encoding: 'utf8' },
);
rmSync(COPY, { recursive: true, force: true });
if (status === 0) console.log('What templates show can be read');
else console.error(stdout);
process.exitCode = status === 0 ? 0 : 1;
