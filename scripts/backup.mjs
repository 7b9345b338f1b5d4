// npm run backup: see scripts/backup.ts
import { runTool } from './tools.mjs';

await runTool('backup');
