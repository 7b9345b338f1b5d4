#!/usr/bin/env node
// The command `wide-rafter`: src/cli, bundled.
import { runTool } from '../scripts/tools.mjs';

await runTool('wide-rafter');
