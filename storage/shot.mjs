import { chromium } from '@playwright/test';
const [,, base, ...pairs] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const ctx = await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: process.env.DARK ? 'dark' : 'light' });
const page = await ctx.newPage();
await page.goto(base + '/sign-in');
await page.getByLabel('Mail address').fill('noor@saltglass.example');
await page.getByLabel('Password').fill('saltglass-demo');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'What is due' }).waitFor();
for (const pair of pairs) {
  const [name, path, script] = pair.split('|');
  if (process.env.PHONE) await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(base + path);
  await page.waitForLoadState('networkidle');
  if (script) { await (new Function('page', `return (async () => { ${script} })()`))(page); }
  await page.waitForTimeout(700);
  await page.screenshot({ path: `/tmp/shots/${name}.png` });
}
await browser.close();
