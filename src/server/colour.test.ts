import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { findReference, referenceBytes, referenceOf } from "@/store";
import { askMeter } from "./devices";
import { loadDemoWhenEmpty } from "./demo";
import { archiveMix, changeMix, createMix, mix, mixes } from "./mixes";
import { fileRoute } from "./problem";
import {
  PICTURE,
  archiveReference,
  changeReference,
  cleanPicture,
  pictureOf,
  takeReference,
} from "./references";
import { studio } from "./studio";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-colour-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const drawing = (width = 60, height = 40) =>
  sharp({ create: { width, height, channels: 3, background: "#b04030" } });

describe("reference pictures", () => {
  it("are kept upright, no larger than needed, as a JPEG with nothing in it but its pixels", async () => {
    const bytes = await drawing(3000, 1000)
      .withExif({ IFD0: { Artist: "somebody", Copyright: "secret place" } })
      .jpeg()
      .withMetadata({ orientation: 6 })
      .toBuffer();
    expect((await sharp(bytes).metadata()).exif).toBeDefined();
    const kept = await cleanPicture(new Uint8Array(bytes), "image/jpeg");
    const told = await sharp(kept.bytes).metadata();
    expect(told).toMatchObject({ format: "jpeg", width: kept.width, height: kept.height });
    expect(told.exif).toBeUndefined();
    expect([kept.width, kept.height]).toEqual([533, 1600]);
    expect(Buffer.from(kept.bytes).toString("latin1")).not.toContain("secret place");
  });
  it.each(["png", "webp", "jpeg"] as const)("may be %s", async (format) =>
    expect(
      (
        await cleanPicture(
          new Uint8Array(await drawing().toFormat(format).toBuffer()),
          `image/${format}`,
        )
      ).width,
    ).toBe(60),
  );
  it("are refused with a status that says why: not a picture's type, broken, cut short, something else under its name, too large, too many pixels", async () => {
    const png = new Uint8Array(await drawing().png().toBuffer());
    expect(await statusOf(cleanPicture(png, "text/plain"))).toBe(415);
    expect(await statusOf(cleanPicture(new Uint8Array(0), "image/png"))).toBe(400);
    expect(await statusOf(cleanPicture(png.slice(0, 60), "image/png"))).toBe(400);
    const jpeg = new Uint8Array(await drawing(400, 400).jpeg().toBuffer());
    expect(await statusOf(cleanPicture(jpeg.slice(0, jpeg.length / 2), "image/jpeg"))).toBe(400);
    expect(
      await statusOf(
        cleanPicture(
          new TextEncoder().encode(
            "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'/>",
          ),
          "image/png",
        ),
      ),
    ).toBe(400);
    expect(await statusOf(cleanPicture(new Uint8Array(12_000_001), "image/png"))).toBe(413);
    expect(
      await statusOf(
        cleanPicture(
          new Uint8Array(
            await sharp({
              create: { width: 9000, height: 9000, channels: 3, background: "#000000" },
            })
              .png()
              .toBuffer(),
          ),
          "image/png",
        ),
      ),
    ).toBe(413);
  }, 30_000);
  it("belong to a look, keep credit and crop with a version, and a new one takes the old one's place", async () => {
    const db = await studio();
    const png = new Uint8Array(await drawing().png().toBuffer());
    expect(await statusOf(takeReference("nowhere", png, "image/png"))).toBe(404);
    const first = await takeReference("sundog", png, "image/png");
    const crop = { x: 0.1, y: 0, width: 0.5, height: 0.5 };
    expect(
      await changeReference(first.id, {
        version: 1,
        fields: { credit: "drawn by the company", crop },
      }),
    ).toEqual({ version: 2 });
    expect(await referenceOf(db, "sundog")).toMatchObject({
      id: first.id,
      version: 2,
      credit: "drawn by the company",
      crop,
      width: 60,
      height: 40,
    });
    const second = await takeReference("sundog", png, "image/png");
    expect((await referenceOf(db, "sundog"))?.id).toBe(second.id);
    expect((await findReference(db, first.id))?.lookId).toBe("sundog");
    await archiveReference(second.id, true);
    expect(await referenceOf(db, "sundog")).toBeNull();
    expect((await referenceBytes(db, second.id))?.length).toBeGreaterThan(100);
    expect(await pictureOf("nothing")).toBeNull();
  });
  it("come through a route that answers with problem documents", async () => {
    const route = fileRoute(PICTURE, async (file) =>
      takeReference("sundog", await file.bytes(), file.type),
    );
    const ask = (body: BodyInit, type: string) =>
      route(
        new Request("http://127.0.0.1/", {
          method: "POST",
          body,
          headers: { "content-type": type },
        }),
        { params: Promise.resolve({}) },
      );
    const refused = await ask("not a picture", "image/png");
    expect([refused.status, refused.headers.get("content-type")]).toEqual([
      400,
      "application/problem+json",
    ]);
    expect(await refused.json()).toMatchObject({ errors: [{ field: "picture" }] });
    expect(
      (await ask(new Uint8Array(await drawing().png().toBuffer()), "image/png; charset=binary"))
        .status,
    ).toBe(200);
  });
});

describe("saved mixes", () => {
  const parts = [
    { productId: "brick", parts: 3 },
    { productId: "ochre-ground", parts: 1 },
  ];
  it("are made of products that are there, changed by version, and put away", async () => {
    expect(
      await statusOf(
        createMix({
          name: "Ghost",
          parts: [
            { productId: "brick", parts: 1 },
            { productId: "ghost", parts: 1 },
          ],
          target: null,
          notes: "",
        }),
      ),
    ).toBe(400);
    const { id } = await createMix({ name: "Ring red", parts, target: "#a84d32", notes: "" });
    expect((await mixes()).map(({ name }) => name)).toEqual(["Ring red"]);
    expect(
      await changeMix(id, {
        version: 1,
        fields: {
          name: "Ring red",
          parts: parts.map((part) => ({ ...part, parts: part.parts + 1 })),
          target: null,
          notes: "warmer",
        },
      }),
    ).toEqual({ version: 2 });
    expect((await mix(id))?.parts[0]?.parts).toBe(4);
    await expect(
      changeMix(id, { version: 1, fields: { name: "x", parts, target: null, notes: "" } }),
    ).rejects.toThrow("newer version");
    await archiveMix(id, true);
    expect(await mixes()).toEqual([]);
    expect(
      await statusOf(
        changeMix("none", { version: 1, fields: { name: "x", parts, target: null, notes: "" } }),
      ),
    ).toBe(404);
  });
});

describe("the colour meter's route", () => {
  it("wants the tile, reads with noise, and says how it stands", async () => {
    expect((await askMeter({ ask: "state" })).state.calibrated).toBe(false);
    expect(await statusOf(askMeter({ ask: "read", under: { hex: "#93603f" } }))).toBe(409);
    expect((await askMeter({ ask: "tile" })).state.calibrated).toBe(true);
    const [a, b] = [
      await askMeter({ ask: "read", under: { hex: "#93603f", place: "cheek" } }),
      await askMeter({ ask: "read", under: { hex: "#93603f", place: "cheek" } }),
    ];
    expect(a.reading?.lab).not.toEqual(b.reading?.lab);
    expect(b.state.readingsSinceTile).toBe(2);
  });
});
