import { chromium } from '@playwright/test'
const base='http://127.0.0.1:8460'; const theme=process.argv[2]||'paper'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox', '--disable-background-networking', '--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on('console', m=>{ if(m.type()==='error') console.log('console', m.text()) }); page.on('pageerror', e=>console.log('pageerror', e.message))
const go = async (path) => { await page.goto(base + path); await page.waitForLoadState('networkidle') }
const shoot = async (n) => { await page.waitForTimeout(500); await page.screenshot({ path: `/tmp/shots/${n}-${theme}.png` }) }
await go('/sign-in'); await page.evaluate((theme) => { localStorage.setItem('theme', theme); localStorage.setItem('seat', JSON.stringify({ seat: { system: 'macos', board: 'full-ansi', layout: 'us' }, room: { id: 'avocet', name: 'Avocet' } })) }, theme)
await page.reload(); await page.fill('#email','picture@saltmarsh.example'); await page.fill('#password','night-train'); await page.getByRole('button',{name:'Sign in'}).click(); await page.waitForURL('**/find')
const want=process.argv.slice(3)
for (const [n,path] of Object.entries({stripes6:'/match', stripes2:'/match?applications=cutloom,faderloft', within:'/match?within=boardwick', carry:'/match?view=carry-over&to=faderloft&from=cutloom', rooms:'/match?view=rooms&room=bittern', usage:'/match?view=usage&only=mouse', intents:'/match?view=matches', harmonise0:'/match?view=harmonise'})) { if(want.length&&!want.includes(n)) continue; await go(path); await shoot(n) }
if(!want.length||want.includes('harmonise')) { await go('/match?view=harmonise'); await page.getByRole('button',{name:'Search',exact:true}).click(); await page.waitForTimeout(2500); await shoot('harmonise-run'); await page.getByText('Agreement').first().waitFor({timeout:40000}); await shoot('harmonise') }
await browser.close()
