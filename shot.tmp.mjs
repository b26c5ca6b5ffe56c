import { chromium } from '@playwright/test';
const [,, name, part='Recipe', w='1280', h='800', look='day', ...acts] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
p.on('console', m => { if (m.type()==='error') console.log('ERR', m.text().slice(0,300)); });
p.on('pageerror', e => console.log('PAGEERR', e.message.slice(0,400)));
await p.addInitScript((look) => { if(!localStorage.getItem('ruvek-screen')) localStorage.setItem('ruvek-screen', JSON.stringify({ticketInHand:'ticket-16', look})); }, look);
await p.goto('http://127.0.0.1:3400/skirt');
await p.getByRole('main').waitFor();
await p.waitForTimeout(900);
if (part!=='Recipe') { await p.locator('.ant-segmented-item-label', { hasText: part }).first().click(); await p.waitForTimeout(500); }
for (const a of acts) { await eval(`(async()=>{${a}})()`); await p.waitForTimeout(500); }
await p.screenshot({ path: `/tmp/shots/${name}.png` });
await b.close();
