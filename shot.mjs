import { chromium } from '@playwright/test';
const [,, ...args] = process.argv;
// args: path out theme? width? height?
const base='http://127.0.0.1:8098';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const jobs = JSON.parse(args[0]);
for (const j of jobs) {
  const ctx = await browser.newContext({ viewport: { width: j.w ?? 1280, height: j.h ?? 800 } });
  await ctx.addInitScript((t) => localStorage.setItem('rigger.theme', t), j.theme ?? 'booth');
  const page = await ctx.newPage();
  page.on('pageerror', (e) => console.log('ERR', j.out, e.message));
  let path = j.path;
  const rigs = await (await page.request.get(base + '/api/rigs')).json();
  path = path.replace(/:(\w[^/]*)/, (_, n) => rigs.rigs.find((r) => r.name.startsWith(n.replaceAll('_', ' ')))?.id ?? 'none');
  await page.goto(base + path);
  await page.waitForTimeout(700);
  for (const s of j.steps ?? []) {
    if (s.click) await page.getByRole(s.role ?? 'button', { name: s.click, exact: s.exact ?? false }).first().click();
    if (s.text) await page.getByText(s.text, {exact: Boolean(s.exact)}).first().click();
    if (s.fill) await page.getByLabel(s.fill, { exact: s.exact ?? false }).first().fill(s.value);
    if (s.select) await page.getByLabel(s.select).first().selectOption(s.value);
    if (s.press) await page.keyboard.press(s.press);
    await page.waitForTimeout(s.wait ?? 350);
  }
  await page.screenshot({ path: '/tmp/' + j.out + '.png' });
  await ctx.close();
}
await browser.close();
