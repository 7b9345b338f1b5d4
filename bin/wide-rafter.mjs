#!/usr/bin/env node
// The command `wide-rafter`: registers the TypeScript loader, then runs src/cli.
import { register } from 'tsx/esm/api';

register({ tsconfig: new URL('../tsconfig.json', import.meta.url).pathname });
await import('../src/cli/main.ts');
