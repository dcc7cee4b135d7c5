/**
 * Measures the board in a browser: from a key that moves a break to the painted verdict of the call as it is then.
 *
 *     npm run bench            prints the median and the 95th percentile in ms, over every saved call that has a route
 */
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';

const PORT = 8137;
/** A key that changed nothing, a break at its end, is left out after so long. */
const NOTHING_MS = 1500;
/** Keys pressed on one break. */
const KEYS = 6;
const WAIT_MS = 120_000;

const server = spawn('bash', ['e2e/support/serve.sh', String(PORT)], { stdio: 'ignore', detached: true });
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' });
try {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await untilServed(page);
    await signIn(page);
    const times = [];
    const calls = page.getByRole('navigation', { name: 'Saved calls' }).getByRole('button');
    for (let n = 0; n < (await calls.count()); n++) {
        await calls.nth(n).click();
        await page.waitForTimeout(400);
        const handle = page.getByRole('slider', { name: /break depth/ }).first();
        if ((await handle.count()) === 0) continue;
        await handle.focus();
        for (let k = 0; k < KEYS; k++) {
            const ms = await painted(page, k % 2 === 0 ? 'ArrowUp' : 'ArrowDown');
            if (ms !== null) times.push(ms);
        }
    }
    times.sort((a, b) => a - b);
    const at = (share) => Math.round(times[Math.min(times.length - 1, Math.floor(share * times.length))]);
    console.log(
        `key to painted verdict over ${times.length} keys: median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms`,
    );
} finally {
    await browser.close();
    process.kill(-server.pid);
}

async function untilServed(page) {
    const until = Date.now() + WAIT_MS;
    for (;;) {
        try {
            await page.goto(`http://127.0.0.1:${PORT}/`);
            return;
        } catch (e) {
            if (Date.now() > until) throw e;
            await new Promise((done) => setTimeout(done, 1000));
        }
    }
}

async function signIn(page) {
    await page.getByLabel('Address').fill('coordinator@cedarfork.example');
    await page.getByLabel('Password').fill('four-verticals');
    await page.keyboard.press('Enter');
    await page.getByTestId('verdict').waitFor();
}

/** Presses a key and gives the ms until the verdict of the changed call is on the screen; null where nothing changed. */
async function painted(page, key) {
    const measured = page.evaluate(
        (nothing) =>
            new Promise((done) => {
                setTimeout(() => done(null), nothing);
                const verdict = document.querySelector('[data-testid=verdict]');
                let pressed = 0;
                const watch = new MutationObserver(() => {
                    if (verdict.getAttribute('aria-busy') !== 'false' || pressed === 0) return;
                    watch.disconnect();
                    requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - pressed)));
                });
                addEventListener(
                    'keydown',
                    (e) => {
                        pressed = e.timeStamp;
                        watch.observe(verdict, { attributes: true, attributeFilter: ['aria-busy'] });
                    },
                    { once: true, capture: true },
                );
            }),
        NOTHING_MS,
    );
    await page.keyboard.press(key);
    const ms = await measured;
    await page.waitForTimeout(150);
    return ms;
}
