import { everything } from '../src/core/tests/everything';
const plan = { ...everything('lamp'), id: 'everything', name: 'Everything' };
const r = await fetch('http://127.0.0.1:4397/api/plans', { method: 'POST', headers: {'content-type':'application/json'}, body: JSON.stringify(plan) });
console.log(r.status, (await r.text()).slice(0,300));
