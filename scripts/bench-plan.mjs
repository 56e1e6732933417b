// @ts-check

/**
 * The plan editor with 300 zones: script time of each frame while a corner is dragged, and how long after it the figures
 * beside the sheet follow.
 * @param {{ url: string, cookie: string, executablePath: string, plan: object }} given
 */
export async function dragFrames({ url, cookie, executablePath, plan }) {
  const { chromium } = await import('@playwright/test');
  const list = await (await fetch(`${url}/properties`, { headers: { cookie } })).text();
  const id = /\/properties\/([0-9a-f-]{36})"[^>]*>\s*Weir Lane/.exec(list)?.[1];
  const saved = await fetch(`${url}/properties/${id}/plan/save`, {
    method: 'PUT',
    headers: { cookie, 'content-type': 'application/json', origin: url },
    body: JSON.stringify({ plan, revision: 0 }),
  });
  if (!saved.ok) throw new Error(`the plan was not taken: ${saved.status} ${await saved.text()}`);
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const page = await browser.newPage({
      viewport: { width: 1280, height: 800 },
      extraHTTPHeaders: { cookie },
    });
    await page.goto(`${url}/properties/${id}/plan`, { waitUntil: 'networkidle' });
    await page.locator('[data-zone="z42"]').focus();
    await page.keyboard.press('Enter');
    await page.locator('[data-corner="3"]').waitFor();
    await page.locator('section[aria-label="The chosen zone"] .figure').waitFor();
    const told = await page.evaluate(dragInPage);
    const at = (/** @type {number[]} */ list, /** @type {number} */ share) =>
      (list.sort((a, b) => a - b)[Math.floor((list.length - 1) * share)] ?? 0).toFixed(1);
    console.log(
      `plan with 300 zones, ${told.frames.length} drag frames: script p50 ${at(told.frames, 0.5)} ms, p95 ${at(told.frames, 0.95)} ms (wanted: under 8); figures follow after p50 ${at(told.follows, 0.5)} ms, p95 ${at(told.follows, 0.95)} ms (wanted: under 100)`,
    );
  } finally {
    await browser.close();
  }
}

/** Runs in the page. @returns {Promise<{ frames: number[], follows: number[] }>} */
async function dragInPage() {
  /** Frames until the browser has made the code its own. */
  const WARM_UP = 30;
  const corner = document.querySelector('[data-corner="3"]');
  const sheet = corner?.closest('svg');
  const figure = document.querySelector('section[aria-label="The chosen zone"] .figure');
  if (!corner || !sheet || !figure) throw new Error('the sheet is not there');
  const box = corner.getBoundingClientRect();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const event = (/** @type {string} */ name, /** @type {number} */ dx, /** @type {Element} */ on) =>
    on.dispatchEvent(
      new PointerEvent(name, {
        bubbles: true,
        isPrimary: true,
        pointerId: 1,
        button: 0,
        clientX: x + dx,
        clientY: y + dx / 2,
      }),
    );
  // A pointer that was made up cannot be captured.
  sheet.setPointerCapture = () => undefined;
  /** @type {number[]} */
  const frames = [];
  /** @type {number[]} */
  const follows = [];
  event('pointerdown', 0, corner);
  for (let i = 1 - WARM_UP; i <= 120; i++) {
    await new Promise((done) => requestAnimationFrame(done));
    const start = performance.now();
    /** @type {Promise<boolean>} */
    const followed = new Promise((done) => {
      const watch = new MutationObserver(() => {
        watch.disconnect();
        done(true);
      });
      watch.observe(figure, { childList: true, characterData: true, subtree: true });
      // Where the corner snaps to where it was, nothing follows.
      setTimeout(() => done(false), 400);
    });
    // Far enough for another point of the grid each time.
    event('pointermove', ((i + WARM_UP) % 9) * 26 + i, sheet);
    // What the page draws again it does in microtasks.
    for (let k = 0; k < 4; k++) await Promise.resolve();
    if (i > 0) frames.push(performance.now() - start);
    if (i > 0 && i % 4 === 0) {
      if (await followed) follows.push(performance.now() - start);
    }
  }
  event('pointerup', 240, sheet);
  return { frames, follows };
}
