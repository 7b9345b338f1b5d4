// Writes the reference documents that are made from the code.
import { writeFileSync } from 'node:fs';
import { referenceDocs } from '@/formats/referenceDocs';

for (const [path, text] of Object.entries(referenceDocs())) writeFileSync(path, text);
