// Writes the reference documents that are made from the code.
import { readFileSync, writeFileSync } from 'node:fs';
import { METHOD, withAreas } from '@/formats/areasTable';
import { referenceDocs } from '@/formats/referenceDocs';

for (const [path, text] of Object.entries(referenceDocs())) writeFileSync(path, text);
writeFileSync(METHOD, withAreas(readFileSync(METHOD, 'utf8')));
