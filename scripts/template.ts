// Writes a dump of an empty database with its tables: what new data directories begin with.
//   template.ts <file>
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '@/db/client';

const file = process.argv[2];
if (!file) throw new Error('a file is needed');
const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-template-'));
const db = await openDatabase(dir);
writeFileSync(file, await db.dump());
await db.close();
rmSync(dir, { recursive: true });
