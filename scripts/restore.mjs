// npm run restore: see scripts/restore.ts
import { runTool } from './tools.mjs';

await runTool('restore');
