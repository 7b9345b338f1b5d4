import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium.mjs';

// the configuration is read again in every worker: the first reading decides
process.env.WIDE_RAFTER_E2E_DATA ??= mkdtempSync(join(tmpdir(), 'wide-rafter-e2e-'));
process.env.WIDE_RAFTER_E2E_PORT ??= '4391';

const port = process.env.WIDE_RAFTER_E2E_PORT;

export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  fullyParallel: true,
  // guards against what never comes, not measures of speed: a busy machine takes three times as long
  timeout: 600_000,
  expect: { timeout: 120_000 },
  forbidOnly: true,
  reporter: [['line'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    trace: 'off',
    launchOptions: CHROMIUM,
  },
  webServer: {
    command: 'node scripts/serve.mjs --samples',
    url: `http://127.0.0.1:${port}`,
    timeout: 600_000,
    env: {
      WIDE_RAFTER_DATA: process.env.WIDE_RAFTER_E2E_DATA,
      WIDE_RAFTER_DAY: '2026-11-24',
      PORT: port,
    },
  },
});
