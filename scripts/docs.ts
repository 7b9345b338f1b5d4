// Writes the reference documents that are made from the code.
import { readFileSync, writeFileSync } from 'node:fs';
import { METHOD, withAreas } from '@/formats/areasTable';
import { layoutsDoc } from '@/formats/layoutsDoc';
import { referenceDocs } from '@/formats/referenceDocs';

for (const [path, text] of Object.entries(referenceDocs())) writeFileSync(path, text);
// a megabyte of drawings, to be looked at: it does not lie in the repository
writeFileSync('docs/layouts.html', layoutsDoc());
writeFileSync(METHOD, withAreas(readFileSync(METHOD, 'utf8')));
