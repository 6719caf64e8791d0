import type { CDPSession } from "@playwright/test";
import { CHROMIUM } from "../../scripts/steps.cjs";
import { expect, openStudio, settled, test } from "./studio";

test.use({ hasTouch: true, launchOptions: CHROMIUM });

interface At {
  readonly x: number;
  readonly y: number;
}
/** A finger or a pen, as the browser gets it from the screen. */
interface Pointer {
  tap(at: At): Promise<void>;
  drag(from: At, to: At): Promise<void>;
}

const STEPS = 8;
const between = (from: At, to: At, i: number): At => ({
  x: from.x + ((to.x - from.x) * i) / STEPS,
  y: from.y + ((to.y - from.y) * i) / STEPS,
});

function finger(cdp: CDPSession): Pointer {
  const touch = (type: "touchStart" | "touchMove" | "touchEnd", points: At[]) =>
    cdp.send("Input.dispatchTouchEvent", { type, touchPoints: points });
  // Down and up are sent together: waiting for a busy page between them would make a long press of a tap.
  const tap = async (at: At) => {
    await Promise.all([touch("touchStart", [at]), touch("touchEnd", [])]);
  };
  return {
    tap,
    drag: async (from, to) => {
      await touch("touchStart", [from]);
      for (let i = 1; i <= STEPS; i++) await touch("touchMove", [between(from, to, i)]);
      await touch("touchEnd", []);
    },
  };
}

function pen(cdp: CDPSession): Pointer {
  const send = (
    type: "mousePressed" | "mouseMoved" | "mouseReleased",
    { x, y }: At,
    down: boolean,
  ) =>
    cdp.send("Input.dispatchMouseEvent", {
      type,
      x,
      y,
      button: "left",
      buttons: down ? 1 : 0,
      clickCount: 1,
      pointerType: "pen",
      force: 0.5,
    });
  const tap = async (at: At) => {
    await send("mouseMoved", at, false);
    await send("mousePressed", at, true);
    await send("mouseReleased", at, false);
  };
  return {
    tap,
    drag: async (from, to) => {
      await send("mouseMoved", from, false);
      await send("mousePressed", from, true);
      for (let i = 1; i <= STEPS; i++) await send("mouseMoved", between(from, to, i), true);
      await send("mouseReleased", to, false);
    },
  };
}

for (const [name, make] of [
  ["finger", finger],
  ["pen", pen],
] as const) {
  test(`${name} alone: a layer is chosen, a mark dragged to the midline, a line drawn by hand, and taken back`, async ({
    page,
  }) => {
    const studio = await openStudio({ demo: true });
    await page.goto(`${studio.url}/looks/sundog/sundog-hillside/map`, { waitUntil: "networkidle" });
    const pointer = make(await page.context().newCDPSession(page));
    const figure = page.getByRole("region", { name: "Figure" });
    await pointer.tap(
      await settled(
        page
          .getByRole("region", { name: "Layers" })
          .locator("[data-layer]", { hasText: "Mock suns" }),
      ),
    );
    const sun = figure.getByRole("button", { name: /^rayed disc 1/ });
    await expect(sun).toBeVisible();
    const at = await settled(sun);
    await pointer.drag(at, { x: at.x - 60, y: at.y + 30 });
    await expect.poll(async () => Math.round((await settled(sun)).x - at.x)).toBeLessThan(-50);

    await pointer.tap(await settled(page.getByRole("button", { name: "Draw a line by hand" })));
    await expect(figure.locator("[data-drawing]")).toBeAttached();
    await pointer.drag({ x: at.x - 90, y: at.y + 60 }, { x: at.x + 10, y: at.y + 110 });
    await expect(figure.getByRole("button", { name: /^free line 2/ })).toBeVisible();
    await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
    await pointer.tap(await settled(page.getByRole("button", { name: "Undo" })));
    await expect(figure.getByRole("button", { name: /^free line 2/ })).toHaveCount(0);
    await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
    await studio.close();
  });
}
