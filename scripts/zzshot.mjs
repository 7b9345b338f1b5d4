import { chromium } from 'playwright';
const [,, url, out, size='1280x800', ...acts] = process.argv;
const [w,h]=size.split('x').map(Number);
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox','--disable-gpu'] });
const c = await b.newContext({ viewport:{width:w,height:h}, colorScheme: process.env.DARK?'dark':'light' });
const p = await c.newPage();
await p.goto('http://127.0.0.1:4397'+url);
await p.waitForSelector('[data-worked]',{timeout:30000}).catch(()=>{});
for (const a of acts) { const [k,...r]=a.split('='); const v=r.join('='); if(k==='click') await p.getByRole('radio',{name:v}).click(); if(k==='link') await p.getByRole('link',{name:v}).first().click(); if(k==='key') await p.keyboard.press(v); if(k==='css') await p.click(v); if(k==='wait') await p.waitForTimeout(+v); }
await p.waitForTimeout(500);
await p.screenshot({path:out});
await b.close();
