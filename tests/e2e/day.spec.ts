import sharp from "sharp";
import { expect, openStudio, test } from "./studio";

const LOOK = "/looks/first-frost/frost-reservoir";
/** "1 h 14" or "58 min" as minutes. */
const minutesOf = (words: string): number => {
  const [, hours, rest, alone] = /(?:(\d+) h (\d+))|(\d+) min/.exec(words) ?? [];
  return alone ? Number(alone) : Number(hours) * 60 + Number(rest);
};

test("a whole day: planned, painted, worn, taken down, and the next version is better", async ({
  page,
}) => {
  test.setTimeout(180_000);
  const studio = await openStudio({ demo: true });
  await page.setViewportSize({ width: 1280, height: 900 });

  const told = page.getByRole("status").filter({ hasText: "at the chair" });
  const chair = async () => minutesOf(await told.locator("strong").last().innerText());
  const bars = page.getByRole("group", { name: "The chair by region" });
  const usual =
    await test.step("Plan: what time depends on, and a step held back by keys", async () => {
      await page.goto(`${studio.url}${LOOK}/time`, { waitUntil: "networkidle" });
      const usual = await chair();
      await expect(page.getByRole("region", { name: "The day" }).getByRole("img")).toHaveAttribute(
        "aria-label",
        /chair .* costume .* travel .* worn .*touch-ups at .*/,
      );
      await page.getByLabel("Painted by").selectOption("2");
      await expect.poll(chair).toBeLessThan(usual);
      await expect(page.getByText("saved", { exact: true }).last()).toBeVisible();
      await page.getByLabel("Painted by").selectOption("1");
      await page.getByLabel("Cool dryer").uncheck();
      await expect.poll(chair).toBeGreaterThan(usual);
      await page.getByLabel("Cool dryer").check();
      await page.getByLabel("Pace").selectOption("hurried");
      await expect.poll(chair).toBeLessThan(usual);
      await page.getByLabel("Pace").selectOption("usual");
      await expect.poll(chair).toBe(usual);
      const bar = bars.getByRole("button", { name: /^Skin prep, coat 1, upper face/ });
      await bar.focus();
      for (let i = 0; i < 8; i++) {
        await page.keyboard.press("Shift+ArrowRight");
        await page.waitForTimeout(50);
      }
      await expect(bar).toHaveAttribute("aria-label", /minute 4[89] .*held back/);
      await expect.poll(chair).toBeGreaterThan(usual);
      await page.keyboard.press("Delete");
      await expect.poll(chair).toBe(usual);
      return usual;
    });
  await test.step("A bar is dragged to another minute, too, and what lies under it still comes first", async () => {
    const lips = bars.getByRole("button", { name: /^Ash lips, coat 1, mouth/ });
    // The bars have come to rest where they stood before.
    await page.waitForTimeout(500);
    const box = await lips.boundingBox();
    if (!box) throw new Error("the bar is on screen");
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByRole("region", { name: "Steps held back" })).toContainText(
      /Ash lips, coat 1, mouth: not before minute/,
    );
    await page.getByRole("button", { name: "let it go" }).click();
    await expect(page.getByRole("region", { name: "Steps held back" })).not.toContainText(
      "not before minute",
    );
    await expect(page.getByText("saved", { exact: true }).last()).toBeVisible();
  });
  await test.step("Chair: every step, with a pause and an interruption, twenty times as fast as life", async () => {
    await page.clock.install();
    // On the day itself the line of the moment moves along both axes.
    const start = /Start (\d\d:\d\d)/.exec(await told.innerText())?.[1] ?? "";
    const now = () => page.getByText("now", { exact: true }).count();
    expect(await now()).toBe(0);
    await page.clock.setSystemTime(
      new Date(Date.now() + 86_400_000).toISOString().slice(0, 11) + `${start}:30`,
    );
    await page.clock.runFor(6000);
    await expect.poll(now).toBe(2);
    await page.getByRole("link", { name: /^Chair/ }).click();
    await page.getByRole("button", { name: "Begin", exact: true }).click();
    const steps = Number(/of (\d+)/.exec(await page.getByText(/step 1 of/).innerText())?.[1]);
    for (let step = 1; step <= steps; step++) {
      await page.clock.runFor(step === 3 ? 30_000 : 260_000);
      if (step === 3) {
        await page.keyboard.press("i");
        await page.getByRole("textbox", { name: "What interrupts" }).fill("fire drill");
        await page.getByRole("button", { name: "Stop the clock" }).click();
        await expect(page.getByText("Paused: the clock of this step stands.")).toBeVisible();
        await page.clock.runFor(240_000);
        await page.keyboard.press("p");
        await expect(page.getByText("Paused: the clock of this step stands.")).toHaveCount(0);
      }
      await page.keyboard.press("Space");
      if (step < steps) await expect(page.getByText(`step ${step + 1} of ${steps}`)).toBeVisible();
    }
    await expect(page.getByRole("heading", { name: "All painted" })).toBeVisible();
    await expect(page.getByTestId("log")).toContainText("saved");
    await page.keyboard.press("Space");
    await page.getByRole("link", { name: "To the record" }).click();
  });
  await test.step("Record: the log is there, a place is touched, the verdict asks for less", async () => {
    const record = page.getByRole("region", { name: "New record" });
    await expect(record).toContainText(
      /From the chair's log of .* hands on for .* by default, 4 min of interruptions apart/,
    );
    await expect(record.getByLabel("Minutes of Fern strokes")).not.toHaveValue("");
    await record.locator("[data-zone=forehead]").dispatchEvent("click");
    await expect(record.getByLabel("Still intact: forehead")).toHaveValue("100");
    await record.getByLabel("Still intact: chin", { exact: true }).selectOption("50");
    await record
      .getByRole("group", { name: "Fits the character?" })
      .getByRole("button", { name: "yes" })
      .click();
    await record
      .getByRole("group", { name: "Read as it was meant to?" })
      .getByRole("button", { name: "partly" })
      .click();
    await record.getByLabel("Verdict").fill("Too long for one coat of lines that nobody saw");
    await record
      .getByLabel("What to change")
      .fill("One coat of the fern strokes\nPowder the chin again");
    await record.getByLabel("Pictures").setInputFiles({
      name: "worn.png",
      mimeType: "image/png",
      buffer: await sharp({ create: { width: 60, height: 80, channels: 3, background: "#cfd8dc" } })
        .png()
        .toBuffer(),
    });
    await record.getByRole("button", { name: "Save record" }).click();
    await expect(page.getByText("Record saved")).toBeVisible();
    const earlier = page.getByRole("region", { name: "Earlier" });
    await expect(earlier).toContainText("Fits the character: yes; reads as meant: partly.");
    await expect(earlier).toContainText("Interrupted 4 min: fire drill");
    await expect(earlier.getByRole("img", { name: /, 1 of / })).toBeVisible();
  });
  const measured =
    await test.step("The measured minutes are what the next plan goes by", async () => {
      await page.getByRole("link", { name: /^Time/ }).click();
      await expect(page.getByRole("region", { name: "Rehearsal" })).toContainText(
        "Yours: this look was timed once",
      );
      const measured = await chair();
      expect(measured).not.toBe(usual);
      return measured;
    });
  await test.step("Next version: what was worn is kept, the change is made, struck off, and it is quicker", async () => {
    await page
      .getByRole("navigation", { name: "Chapters" })
      .getByRole("link", { name: /^Record/ })
      .click();
    await page.getByRole("button", { name: "Begin the next version" }).click();
    const toDo = page.getByRole("region", { name: "To change" });
    await expect(toDo.getByRole("listitem")).toHaveCount(2);
    await page
      .getByRole("button", { name: /Fern strokes/ })
      .first()
      .click();
    await page.getByLabel("Coats").selectOption("1");
    await toDo.getByRole("button", { name: "Done: One coat of the fern strokes" }).click();
    await expect(toDo.getByRole("listitem")).toHaveCount(1);
    await expect(page.getByText(/^saved/).first()).toBeVisible();
    await page.getByRole("link", { name: /^Time/ }).click();
    await expect.poll(chair).toBeLessThan(measured);
    await page.getByRole("button", { name: "Versions" }).click();
    await expect(page.getByRole("dialog")).toContainText(/worn /);
    await page.keyboard.press("Escape");
  });
  await test.step("All records: the chart's words have it too, and Today no longer asks for anything of it", async () => {
    await page.goto(`${studio.url}/records`, { waitUntil: "networkidle" });
    await page.getByLabel("Look").selectOption("first-frost");
    await expect(page.getByRole("region", { name: "Minutes by repetition" })).toContainText(
      "From three sittings on a curve is fitted",
    );
    await expect(page.getByRole("region", { name: "Forecast against seen" })).toContainText(
      /First Frost, .* chin, .* 50 %/,
    );
  });
  await studio.close();
});
