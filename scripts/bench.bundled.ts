// The core, bundled and shrunk as the program's own build does it, in Node and in a page. Called by bench.ts.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { chromium } from '@playwright/test';
import { type BuildOptions, build } from 'esbuild';
import { line } from './bench.table';
import { CHROMIUM } from './chromium.mjs';

/** Bundles and shrinks the core as the program's own build does, and times that. */
export async function bundledCore(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-bench-core-'));
  const outfile = join(dir, 'core.mjs');
  const how = { bundle: true, minify: true, platform: 'node', format: 'esm' } as const;
  await build({
    entryPoints: ['scripts/bench.core.ts'],
    tsconfig: 'tsconfig.json',
    outfile,
    ...how,
  });
  const { core } = await import(pathToFileURL(outfile).href);
  core();
  rmSync(dir, { recursive: true, force: true });
}

/** Judges as a search would, in this process and in a page of its own. */
export async function judged(): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-bench-judging-'));
  const how: BuildOptions = {
    entryPoints: ['scripts/bench.judging.ts'],
    tsconfig: 'tsconfig.json',
    bundle: true,
    minify: true,
  };
  const outfile = join(dir, 'judging.mjs');
  await build({ ...how, outfile, platform: 'node', format: 'esm' });
  const script = join(dir, 'judging.js');
  const inPage = { platform: 'browser', format: 'iife', globalName: 'bench' } as const;
  await build({ ...how, ...inPage, outfile: script });
  const { judging } = await import(pathToFileURL(outfile).href);
  told('Node', judging());
  const chrome = await chromium.launch(CHROMIUM);
  const page = await chrome.newPage();
  await page.addScriptTag({ path: script });
  told('Chromium', await page.evaluate('bench.judging()'));
  await chrome.close();
  rmSync(dir, { recursive: true, force: true });
}

function told(where: string, { osk, forty }: { osk: number; forty: number }): void {
  const rate = (n: number): string => `${Math.round(n)} a second`;
  line(`judging Osk Landing after a fixture has moved, ${where}`, rate(osk), '≥ 2,500 a second');
  line(`the same of twelve groups and 40 fixtures, ${where}`, rate(forty), '≥ 900 a second');
}
