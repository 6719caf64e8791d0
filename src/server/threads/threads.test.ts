import { spawnSync } from "node:child_process";
import { rmSync } from "node:fs";
import { join } from "node:path";
import { strToU8, zipSync } from "fflate";
import sharp from "sharp";
import { centroid, defaultFace } from "@/core/anatomy";
import type { ReliefRequest } from "@/core/anatomy/surface";
import { USUAL_BRIEF } from "@/core/brief";
import { deltaE00, hexToLab } from "@/core/colour";
import { emptyStudio, formatStudio } from "@/core/formats";
import { hexOf, predict } from "@/core/look";
import { FORGOTTEN, STAND_IN } from "@/core/people";
import { contextOf, type StoredContext } from "@/core/record";
import { USUAL_STUDIO } from "@/core/studio";
import { aLayer, aLook, product, SHELF } from "@/core/testing";
import { heldThread, inThread, TaskTooLong } from "./inThread";

// Beside node_modules, so that what is not bundled is found.
const bundle = join(process.cwd(), "node_modules", ".cache", "dermagraph-threads-test.cjs");
jest.setTimeout(60_000);
beforeAll(() => {
  const { status } = spawnSync(process.execPath, ["scripts/threads.mjs", bundle]);
  expect(status).toBe(0);
  process.env.DERMAGRAPH_THREADS = bundle;
});
afterAll(() => {
  delete process.env.DERMAGRAPH_THREADS;
  rmSync(bundle);
});

const people = (count: number) =>
  zipSync({
    "studio.json": strToU8(
      JSON.stringify({ format: "dermagraph studio", version: 1, written: "2026" }),
    ),
    "people.json": strToU8(
      JSON.stringify(
        Array.from({ length: count }, (_, i) => ({
          id: `person-${i}`,
          fields: { ...FORGOTTEN, name: `Person ${i}` },
        })),
      ),
    ),
  });

/** Counts turns of this thread's own loop while something else is done. */
async function turnsDuring(act: Promise<unknown>): Promise<number> {
  let [turns, isOver] = [0, false];
  void act.finally(() => {
    isOver = true;
  });
  while (!isOver) {
    await new Promise((resolve) => setTimeout(resolve, 1));
    turns++;
  }
  return turns;
}

describe("a thread of its own", () => {
  it("reads a studio as it is read in place, and tells its rows in slices", async () => {
    const slices: number[] = [];
    const read = await inThread("studioOf", people(1000), {
      seconds: 30,
      onTold: ({ part, rows }) => {
        expect(part).toBe("people");
        slices.push(rows.length);
      },
    });
    expect(read).toEqual({ rejected: [] });
    expect(slices).toEqual([400, 400, 200]);
    const empty = formatStudio(emptyStudio(), "2026-01-01T00:00:00Z");
    expect(await inThread("studioOf", empty, { seconds: 30 })).toEqual({ rejected: [] });
    expect(await inThread("studioOf", strToU8("no"), { seconds: 30 })).toMatchObject({
      why: expect.stringContaining("no ZIP"),
    });
  });
  it("leaves everybody else their turns", async () => {
    const act = inThread("studioOf", people(60_000), { seconds: 30 });
    expect(await turnsDuring(act)).toBeGreaterThan(50);
  });
  it("is ended when it takes too long, and when nobody wants it any more", async () => {
    await expect(inThread("studioOf", people(60_000), { seconds: 0.05 })).rejects.toBeInstanceOf(
      TaskTooLong,
    );
    const gone = new AbortController();
    const act = inThread("studioOf", people(60_000), { seconds: 30, signal: gone.signal });
    gone.abort(new Error("gone"));
    await expect(act).rejects.toThrow("gone");
  });
  it("says what failed in the task's own words", async () => {
    await expect(inThread("backupOf", "/nowhere/studio.db", { seconds: 30 })).rejects.toThrow(
      /ENOENT|no database/,
    );
  });
});

describe("a thread that is held", () => {
  const face = defaultFace();
  const request = (light: "above" | "left"): ReliefRequest => ({
    part: "head",
    face,
    ageYears: 30,
    chart: "face",
    light,
    what: "form",
  });
  it("answers several at once, each with its own picture, and goes on after what it could not do", async () => {
    const ask = heldThread("reliefOf");
    const [above, left] = await Promise.all([ask(request("above")), ask(request("left"))]);
    expect(Buffer.from(above).subarray(8, 12).toString()).toBe("WEBP");
    expect(Buffer.from(above).equals(Buffer.from(left))).toBe(false);
    await expect(ask(null as never)).rejects.toThrow();
    expect(Buffer.from(await ask(request("above"))).equals(Buffer.from(above))).toBe(true);
  });
  it("draws a look in the colours that are predicted for it, and nothing round it", async () => {
    const stored: StoredContext = {
      person: STAND_IN,
      brief: USUAL_BRIEF,
      products: SHELF,
      today: "2026-11-29",
      house: { version: 0, changes: { numbers: {}, off: [] } },
      settings: { version: 0, fields: USUAL_STUDIO },
    };
    const look = aLook(aLayer({ id: "a", zones: ["forehead"], paint: product("blue"), coats: 3 }));
    const picture = await heldThread("lookPictureOf")({
      look,
      stored,
      view: "face",
      reliefs: new Map(),
    });
    const { data, info } = await sharp(picture).raw().toBuffer({ resolveWithObject: true });
    expect(info).toMatchObject({ width: 318, height: 420, channels: 4 });
    const context = contextOf(stored);
    const { x, y } = centroid(context.figure.zone("forehead").polygon);
    // One and a half pixels a mm, from 106 mm to the right of the bridge of the nose and 124 above it.
    const from = 4 * (Math.round((124 - y) * 1.5) * info.width + Math.round((x + 106) * 1.5));
    const shown = `#${data.subarray(from, from + 3).toString("hex")}`;
    const film = predict(look, context).films.get("forehead")?.at(-1);
    expect(deltaE00(hexToLab(shown), hexToLab(film ? hexOf(film.after) : "none"))).toBeLessThan(2);
    expect([...data.subarray(0, 4)]).toEqual([0, 0, 0, 0]);
  });
});
