// Writes NOTICE.md: every package that ships with Furrow, its licence, and each licence's text
// once.
// npm run notice. It reads the lock file and what is installed; nothing is fetched.
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

interface Locked {
  version?: string;
  license?: string;
  dev?: boolean;
  link?: boolean;
  optional?: boolean;
  hasInstallScript?: boolean;
}
interface Shipped {
  name: string;
  version: string;
  licence: string;
  text: string;
}

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
  packages: Record<string, Locked>;
};
const LICENCE_FILE = /^(licen[cs]e|copying|ofl|notice)/i;

/** The licence of a package as its manifest says it, where the lock file does not. */
function licenceOf(folder: string, locked: Locked): string {
  if (locked.license) return locked.license;
  const manifest = join(folder, 'package.json');
  if (!existsSync(manifest)) return 'not said';
  const { license } = JSON.parse(readFileSync(manifest, 'utf8')) as { license?: string };
  return license ?? 'not said';
}
function textOf(folder: string): string {
  if (!existsSync(folder)) return '';
  const file = readdirSync(folder).find((name) => LICENCE_FILE.test(name));
  return file ? readFileSync(join(folder, file), 'utf8').trim() : '';
}

const shipped: Shipped[] = Object.entries(lock.packages)
  .filter(([path, locked]) => path.includes('node_modules/') && !locked.dev && !locked.link)
  .map(([path, locked]) => ({
    name: path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length),
    version: locked.version ?? '',
    licence: licenceOf(path, locked),
    text: textOf(path),
  }))
  .sort((a, b) => a.name.localeCompare(b.name) || a.version.localeCompare(b.version));

/** The same words in other lines are the same text. */
const plain = (text: string): string => text.replace(/\s+/g, ' ').toLowerCase();
const byText = new Map<string, Shipped[]>();
for (const each of shipped.filter((s) => s.text))
  byText.set(plain(each.text), [...(byText.get(plain(each.text)) ?? []), each]);

const table = shipped.map((s) => `| ${s.name} | ${s.version} | ${s.licence} |`);
const texts = [...byText.values()].map(
  (users) =>
    `### ${[...new Set(users.map((u) => u.name))].join(', ')}\n\n\`\`\`text\n${users[0].text.replaceAll('```', "'''")}\n\`\`\``,
);
const notice = `# Notice

Furrow ships with these packages, its two fonts among them (the display and the text face, both under
the SIL Open Font License). Written by \`npm run notice\` from the lock file and what is installed.

| package | version | licence |
|---|---|---|
${table.join('\n')}

## Their texts

${texts.join('\n\n')}
`;
writeFileSync('NOTICE.md', notice);
console.log(
  `${shipped.length} packages, ${byText.size} texts, ${Math.round(notice.length / 1000)} kB.`,
);
