import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import fc from "fast-check";
import sharp from "sharp";
import { balance, WRITTEN_KINDS } from "@/core/kit";
import { seededRandom } from "@/core/random";
import { contentOf, listMovements, openStore, stockLevels } from "@/store";
import { loadDemoWhenEmpty } from "./demo";
import { slowFileRoute, Problem, type Incoming } from "./problem";
import { move } from "./shelf";
import { importStudio, previewStudio, studioFile, type StudioArrival } from "./studioFile";
import { replaceStudio, studio, today } from "./studio";
import { nobody, sent } from "./testing";
import { fillPan } from "./palettes";
import { loadChair } from "./chair";

const folder = () => mkdtempSync(join(tmpdir(), "dermagraph-studio-"));
process.env.DERMAGRAPH_DATA = folder();
jest.setTimeout(60_000);
const emptyOne = () => replaceStudio(() => openStore(folder()));
const fresh = ({ parts }: StudioArrival) =>
  Object.values(parts).reduce((sum, part) => sum + part.fresh, 0);
const detailOf = (act: Promise<unknown>) =>
  act.then(
    () => "",
    (error: unknown) => (error instanceof Problem ? (error.document.detail ?? "") : String(error)),
  );
let demo = new Uint8Array();

beforeAll(async () => {
  await loadDemoWhenEmpty();
  await fillPan("frost-tin", { panId: "half-1", kind: "refilled", grams: 2, on: today() });
  demo = new Uint8Array((await studioFile()).body);
});

describe("a studio in and out", () => {
  it("brings nothing into the studio it is from", async () => {
    const before = await contentOf(await studio());
    const arrival = await importStudio(sent(demo), nobody());
    expect(fresh(arrival)).toBe(0);
    expect(arrival.refused).toEqual([]);
    expect(arrival.parts.ledger.known).toBe(before.ledger.length);
    expect(await contentOf(await studio())).toEqual(before);
  });
  it("is shown without a trace, then comes whole into an empty studio; twice is once, and stock is the same to the gram", async () => {
    const stock = await stockLevels(await studio());
    const before = await contentOf(await studio());
    await emptyOne();
    const shown = await previewStudio(sent(demo), nobody());
    expect((await contentOf(await studio())).products).toEqual([]);
    const arrival = await importStudio(sent(demo), nobody());
    expect(arrival).toEqual(shown);
    expect(arrival.refused).toEqual([]);
    const after = await contentOf(await studio());
    for (const part of [
      "people",
      "products",
      "looks",
      "jobs",
      "trays",
      "ledger",
      "records",
    ] as const)
      expect(after[part]).toEqual(before[part]);
    expect(await stockLevels(await studio())).toEqual(stock);
    const second = await importStudio(sent(demo), nobody());
    expect(fresh(second)).toBe(0);
    expect(await contentOf(await studio())).toEqual(after);
  });
  it("keeps what is here where the file says otherwise", async () => {
    const files = unzipSync(demo);
    const people = JSON.parse(strFromU8(files["people.json"] ?? new Uint8Array())) as {
      id: string;
      fields: { notes: string };
    }[];
    const other = people.map((row, i) =>
      i ? row : { ...row, fields: { ...row.fields, notes: "otherwise" } },
    );
    const arrival = await importStudio(
      sent(
        zipSync({
          ...files,
          "people.json": strToU8(JSON.stringify(other)),
          "studio.json": strToU8(
            JSON.stringify({ format: "dermagraph studio", version: 1, written: "2026-01-01" }),
          ),
        }),
      ),
      nobody(),
    );
    expect(arrival.parts.people).toEqual({ fresh: 0, known: people.length - 1, kept: 1 });
    expect(JSON.stringify((await contentOf(await studio())).people)).not.toContain("otherwise");
  });
  it("takes in what a safety rule stops as a draft, and withholds what one would paint from", async () => {
    await emptyOne();
    const files = unzipSync(demo);
    const people = JSON.parse(strFromU8(files["people.json"] ?? new Uint8Array())) as {
      id: string;
      fields: { allergies: string[] };
    }[];
    const unsafe = people.map((row) =>
      row.id === "ilse-marrow"
        ? { ...row, fields: { ...row.fields, allergies: ["carmine"] } }
        : row,
    );
    const arrival = await importStudio(
      sent(
        zipSync({
          ...files,
          "people.json": strToU8(JSON.stringify(unsafe)),
          "studio.json": strToU8(
            JSON.stringify({ format: "dermagraph studio", version: 1, written: "2026-01-01" }),
          ),
        }),
      ),
      nobody(),
    );
    expect(arrival.refused.filter(({ file }) => file === "jobs.json")).toEqual([]);
    expect((await contentOf(await studio())).jobs.some(({ id }) => id === "sundog-hillside")).toBe(
      true,
    );
    const chair = await loadChair("sundog", "sundog-hillside");
    expect(chair && "stops" in chair && chair.stops.map(({ rule }) => rule)).toContain("SAFE-2");
  });
  it("writes pictures anew as they come in, and refuses what is none", async () => {
    await emptyOne();
    const files = unzipSync(demo);
    const photo = await sharp({
      create: { width: 1900, height: 40, channels: 3, background: "#804020" },
    })
      .jpeg()
      .withExif({ IFD0: { Copyright: "where it was taken" } })
      .toBuffer();
    const row = { archived: false, lookId: "sundog", width: 1, height: 1, fields: {} };
    const arrival = await importStudio(
      sent(
        zipSync({
          ...files,
          "references.json": strToU8(
            JSON.stringify([
              { ...row, id: "photo" },
              { ...row, id: "none" },
            ]),
          ),
          "references/photo.jpg": new Uint8Array(photo),
          "references/none.jpg": strToU8("<script>"),
          "studio.json": strToU8(
            JSON.stringify({ format: "dermagraph studio", version: 1, written: "2026-01-01" }),
          ),
        }),
      ),
      nobody(),
    );
    expect(arrival.refused).toEqual([
      { file: "references.json", row: 2, why: expect.stringContaining("can't be read") },
    ]);
    const [kept] = (await contentOf(await studio())).references;
    expect(kept).toMatchObject({ id: "photo", width: 1600 });
    expect(Buffer.from(kept?.bytes ?? []).includes("where it was taken")).toBe(false);
  });
  it("refuses what was made to burst, before it is unpacked", async () => {
    const bomb = zipSync({ "studio.json": new Uint8Array(30_000_000).fill(32) });
    expect(bomb.length).toBeLessThan(60_000);
    expect(await detailOf(previewStudio(sent(bomb), nobody()))).toContain("200 times its size");
  });
  it("takes nothing at all of a file that breaks off, of a hundred that are changed in places, and says why", async () => {
    await emptyOne();
    const random = seededRandom(3);
    for (let i = 0; i < 100; i++) {
      const changed = Uint8Array.from(demo);
      for (let n = 0; n < 4; n++)
        changed[Math.floor(random() * changed.length)] = Math.floor(random() * 256);
      const words = await detailOf(
        importStudio(
          sent(i % 3 ? changed : changed.subarray(0, Math.floor(random() * changed.length))),
          nobody(),
        ),
      );
      // What got through was whole all the same; then it is the whole studio.
      const { products } = await contentOf(await studio());
      if (words) expect(products).toEqual([]);
      else {
        expect(products).toHaveLength(60);
        await emptyOne();
      }
    }
    expect(await detailOf(importStudio(sent(strToU8("no")), nobody()))).toContain("no ZIP");
  });
  it("carries any ledger: what is left is the sum before, and after going out and in", async () => {
    const movements = fc.array(
      fc.record({
        kind: fc.constantFrom(...WRITTEN_KINDS),
        grams: fc.double({ min: 0.1, max: 40, noNaN: true }),
      }),
      { minLength: 1, maxLength: 10 },
    );
    await fc.assert(
      fc.asyncProperty(movements, async (list) => {
        await emptyOne();
        await loadDemoWhenEmpty();
        for (const movement of list) await move("moss", { ...movement, on: today(), note: "" });
        const left = balance(await listMovements(await studio(), "moss"));
        const { body } = await studioFile();
        await emptyOne();
        await importStudio(sent(new Uint8Array(body)), nobody());
        const again = await listMovements(await studio(), "moss");
        expect(again).toHaveLength(list.length + 1);
        expect(balance(again)).toBeCloseTo(left, 9);
        expect((await stockLevels(await studio())).get("moss")).toBeCloseTo(left, 9);
      }),
      { numRuns: 6 },
    );
  });
});

describe("a route that takes long", () => {
  const takes = { types: ["text/csv"], most: 100 };
  const ask = (
    act: Parameters<typeof slowFileRoute>[1],
    signal?: AbortSignal,
    [body, type]: readonly [string, string] = ["file", "text/csv; charset=utf-8"],
  ) =>
    slowFileRoute(takes, act)(
      new Request("http://127.0.0.1/x", {
        method: "POST",
        body,
        headers: { "content-type": type },
        ...(signal && { signal }),
      }),
      { params: Promise.resolve({}) },
    );
  it("answers at once what is over at once, and a refusal as a problem", async () => {
    expect(await (await ask(async () => ({ a: 1 }))).json()).toEqual({ a: 1 });
    expect(
      (
        await ask(async () => {
          throw new Problem({ type: "t", title: "no", status: 418 });
        })
      ).status,
    ).toBe(418);
  });
  it("takes the kinds it names and no others, and stops reading what is too long", async () => {
    const read = async (file: Incoming) => ({ length: (await file.bytes()).length });
    expect(await (await ask(read)).json()).toEqual({ length: 4 });
    expect((await ask(read, undefined, ["file", "application/zip"])).status).toBe(415);
    expect((await ask(read, undefined, ["x".repeat(101), "text/csv"])).status).toBe(413);
  });
  it("tells how far it is, line by line, and what came of it", async () => {
    const told = await (
      await ask(async (_, { report }) => {
        await report(0.5, "half");
        return { a: 1 };
      })
    ).text();
    expect(
      told
        .trim()
        .split("\n")
        .map((line): unknown => JSON.parse(line)),
    ).toEqual([{ share: 0.5, words: "half" }, { done: { a: 1 } }]);
    const failed = await (
      await ask(async (_, { report }) => {
        await report(0.5, "half");
        throw new Problem({ type: "t", title: "no", status: 400 });
      })
    ).text();
    expect(failed).toContain('"problem":{"type":"t"');
  });
  it("stops when whoever asked goes away, in the middle", async () => {
    let steps = 0;
    let over: (error: unknown) => void = () => undefined;
    const end = new Promise<unknown>((resolve) => {
      over = resolve;
    });
    const response = await ask(async (_, { report }) => {
      try {
        for (; steps < 1000; steps++) await report(steps / 1000, "on");
      } catch (error) {
        over(error);
        throw error;
      }
    });
    const reader = response.body?.getReader();
    await reader?.read();
    await reader?.cancel();
    await end;
    expect(steps).toBeLessThan(1000);
  });
});
