// Bundles what runs beside the server: its workers, the command, backup, restore, the empty database. Nothing but Node runs them.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from './root.mjs';

const TOOLS = {
  'wide-rafter': 'src/cli/main.ts',
  backup: 'scripts/backup.ts',
  restore: 'scripts/restore.ts',
  template: 'scripts/template.ts',
  jobs: 'src/server/jobs/work.ts',
};
const dist = join(root, '.next/tools');
const stampFile = join(dist, 'built-from');

/** Bundles the tools where their sources have changed since they were bundled last. */
export async function buildTools() {
  const stamp = sourcesHash(Object.values(TOOLS).concat('package-lock.json', 'tsconfig.json'));
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return;
  const { build } = await import('esbuild');
  await build({
    absWorkingDir: root,
    entryPoints: TOOLS,
    outdir: dist,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    minifySyntax: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    tsconfig: join(root, 'tsconfig.json'),
    // that a file is only for the server is held by the program's own build
    alias: { 'server-only': join(root, 'scripts/empty.mjs') },
    // the database finds its parts beside its own files; the log's are not all modules
    external: [
      'piscina',
      '@electric-sql/pglite',
      '@electric-sql/pglite/*',
      'pino',
      '@resvg/resvg-js',
      'tar',
    ],
    logLevel: 'error',
  });
  mkdirSync(dist, { recursive: true });
  writeFileSync(stampFile, stamp);
}

/** The file of a tool, bundled. */
export async function toolFile(name) {
  await buildTools();
  return join(dist, `${name}.mjs`);
}

/** Runs a tool in this process: it reads the words that this process was given. */
export async function runTool(name) {
  await import(pathToFileURL(await toolFile(name)).href);
}

/** What some files and every source of the program come to. */
export function sourcesHash(files) {
  const hash = createHash('sha256').update(process.version);
  const all = [...files];
  const walk = (dir) => {
    for (const entry of readdirSync(join(root, dir), { withFileTypes: true })) {
      const path = join(dir, entry.name);
      if (entry.isDirectory()) walk(path);
      else if (!/\.test\.tsx?$/.test(entry.name)) all.push(path);
    }
  };
  walk('src');
  for (const file of all.sort()) hash.update(file).update(readFileSync(join(root, file)));
  return hash.digest('hex');
}
