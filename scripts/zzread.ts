import { createAssessor } from '@/core/assess';
import { remedies } from '@/core/remedies/remedies';
import { sample, DAY } from '@/core/tests/plans';
import { remedyLines, bringsText, reasonWithout } from '@/text/remedies';
import { findingTitle, findingPieces, whenText } from '@/text/findings';
import { sayFigure } from '@/text/say';
import { formatDay } from '@/text/format';
import { sentenceText } from '@/text/sentence';
const ft=(plan:any,figures:any,finding:any)=>findingPieces(finding,plan).map((piece:any)=>{ if (piece.kind==='words') return piece.text; if(piece.kind==='fixtures') return piece.names; if(piece.kind==='day') return formatDay(piece.day); const n=finding.numbers[piece.name]; if(!n) return ''; const g=figures.get(n.figure); return g? sayFigure(g,plan.units,piece.bare,piece.fine):'??';}).join('');
const p = sample(process.argv[2] as any); const plan={...p, units:(process.argv[3]??p.units) as any}; const assess=createAssessor(); const a=assess(plan,{on:DAY});
console.log(sentenceText(a.sentence as any)); let st=''; for (const f of [...a.findings].sort((x,y)=>x.station<y.station?-1:1)) { if(f.station!==st){st=f.station; console.log('\n=====',st);} console.log(`[${f.severity}] ${findingTitle(f)}. ${ft(plan,a.figures,f)} ${whenText(f,a.on)}`); const rs=remedies(plan,f,a,assess); if(!rs.length) console.log('    (none) '+reasonWithout(f.code)); for(const r of rs){ for(const [i,l] of remedyLines(r,plan).entries()){console.log(i?'       ':'    > ',l.text); for(const q of l.parts)console.log('          ·',q);} const b=bringsText(r); if(b)console.log('      !',b);} }
