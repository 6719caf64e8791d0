import { crc32 as nodeCrc } from "node:zlib";
import fc from "fast-check";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { USUAL_BRIEF } from "../brief";
import { seededRandom } from "../random";
import { STAND_IN } from "../people";
import { USUAL_STUDIO } from "../studio";
import { RecordSchema } from "../record";
import { aLayer, aLook, product, SHELF } from "../testing";
import {
  crc32,
  emptyStudio,
  formatStudio,
  readGpl,
  readKitCsv,
  readStudio,
  type StudioContent,
} from ".";
import { plainText } from "../text/plainText";
import { STUDIO_FILE_VERSION } from "./studioZip";

const WRITTEN = "2026-06-01T12:00:00.000Z";
const { id: _, version: __, ...person } = STAND_IN;
const fieldsOf = SHELF.map(({ id, version: ___, ...fields }) => ({ id, fields }));

const id = fc.stringMatching(/^[a-z0-9-]{1,12}$/);
const ids = fc.uniqueArray(id, { minLength: 1, maxLength: 5 });
const text = fc.string({ maxLength: 30, unit: "grapheme" }).map(plainText);
const day = fc
  .integer({ min: 0, max: 900 })
  .map((days) => new Date(Date.UTC(2025, 0, 1) + days * 86_400_000).toISOString().slice(0, 10));
const bytes = fc.uint8Array({ minLength: 0, maxLength: 200 });

/** Twenty letters at most; never half of one that takes two places. */
const shortened = (text: string) => Array.from(text).slice(0, 10).join("");

/** Any small studio whose rows the schemas take. */
const studios: fc.Arbitrary<StudioContent> = fc
  .record({
    own: ids,
    note: text,
    on: day,
    deltas: fc.array(
      fc.double({ min: -500, max: 500, noNaN: true }).map((grams) => grams + 0),
      { maxLength: 12 },
    ),
    picture: bytes,
    away: fc.boolean(),
  })
  .map(({ own, note, on, deltas, picture, away }): StudioContent => ({
    ...emptyStudio(),
    people: own.map((key) => ({
      id: `p-${key}`,
      archived: away,
      fields: {
        ...person,
        name: `Person ${key}`,
        notes: note,
        hair: "#2b1b12",
        eyes: "#3d5a44",
        hoodedLids: away,
        creases: ["smileFolds", "crowsFeet"],
        concerns: [{ what: "eczema", zones: ["chin", "palmLeft"], unpainted: away }],
        asthma: away,
        reactedOn: on,
        noseWidthMm: 38.5,
        lipHeightMm: null,
        patchTests: [{ productId: "white", on, result: "clear", batch: "L2666" }],
      },
    })),
    products: fieldsOf.map(({ id: key, fields }, i) => ({
      id: key,
      archived: i % 4 === 3 && away,
      fields: {
        ...fields,
        notes: note,
        labelRead: away,
        colourIndex: ["CI 77491", "CI 15850:1"],
        finish: away ? "fluorescent" : null,
        glitter: away ? "rounded" : null,
        needs: { activator: "water", thinner: "", remover: shortened(note).trim() },
        counted: i % 2 ? "pieces" : "grams",
        batch: `B${i}`,
      },
    })),
    settings: [
      {
        id: "studio",
        archived: false,
        fields: {
          ...USUAL_STUDIO,
          currency: "NOK",
          owned: ["airbrush"],
          room: { airDegC: 18, rh: 40, ventilation: "none", flames: away },
          painter: { level: "beginner", steadiness: "some", eyesight: "glasses" },
        },
      },
    ],
    mixes: [
      {
        id: "m",
        archived: false,
        fields: {
          name: "mix",
          parts: [
            { productId: "white", parts: 2 },
            { productId: "grey", parts: 1 },
          ],
          target: null,
          notes: "",
        },
      },
    ],
    looks: own.map((key) => ({
      id: key,
      archived: false,
      design: {
        ...aLook(aLayer({ id: "base" }), aLayer({ id: "line", paint: product("line") })),
        notes: shortened(note),
      },
    })),
    versions: [
      {
        id: "v",
        lookId: own[0] ?? "",
        name: note,
        createdAt: WRITTEN,
        design: aLook(aLayer({ id: "base" })),
      },
    ],
    jobs: own.map((key) => ({
      id: `j-${key}`,
      archived: away,
      lookId: key,
      personId: `p-${key}`,
      brief: {
        ...USUAL_BRIEF,
        place: shortened(note).trim(),
        health: ["asthma", "lenses"],
        bareToday: ["chin"],
        healthAsked: away,
        consent: away ? { who: "Ada Moor", on, to: "a leaf" } : null,
      },
    })),
    trays: [
      {
        id: "t",
        archived: false,
        fields: {
          name: "tin",
          width: 90,
          height: 60,
          jobId: null,
          notes: note,
          pans: [{ id: "a", pan: "half", parts: [{ productId: "white", parts: 1 }] }],
        },
      },
    ],
    ledger: deltas.map((delta, i) => ({
      productId: "white",
      kind: (["bought", "used", "refilled", "wasted", "weighed"] as const)[i % 5] ?? "used",
      delta,
      on,
      note,
      at: WRITTEN,
      jobId: null,
      pan: i % 3 ? null : { trayId: "t", panId: "a" },
      priceMinor: i % 2 ? null : i * 100,
      batch: "",
    })),
    records: [
      {
        id: "r",
        archived: false,
        lookId: own[0] ?? "",
        personId: null,
        jobId: null,
        fields: RecordSchema.parse({
          lookName: "x",
          on,
          brief: USUAL_BRIEF,
          wear: [],
          verdict: note,
        }),
      },
    ],
    pictures: [
      {
        id: "pic",
        recordId: "r",
        caption: note,
        width: 4,
        height: 3,
        createdAt: WRITTEN,
        bytes: picture,
      },
    ],
    references: [
      {
        id: "ref",
        archived: false,
        lookId: own[0] ?? "",
        width: 40,
        height: 30,
        fields: { credit: note.trim(), crop: null },
        bytes: picture,
      },
    ],
  }));

const [sample] = fc.sample(studios, { numRuns: 1, seed: 5 });
const whole = formatStudio(sample ?? emptyStudio(), WRITTEN);
const again = (change: (files: Record<string, Uint8Array>) => void) => {
  const files = unzipSync(whole);
  change(files);
  return zipSync(files);
};
const unsummed = (files: Record<string, Uint8Array>) => {
  files["studio.json"] = strToU8(
    JSON.stringify({ format: "dermagraph studio", version: 1, written: WRITTEN }),
  );
};

describe("a studio as a ZIP", () => {
  it("is read back as it was, for any studio: every row, picture and line of the ledger", () => {
    fc.assert(
      fc.property(studios, (content) => {
        const read = readStudio(formatStudio(content, WRITTEN));
        expect(read).toEqual({ ok: true, content, rejected: [] });
      }),
      { numRuns: 60 },
    );
  });
  it("holds its shelf as a table and a palette that are read by themselves", () => {
    const files = unzipSync(whole);
    const kit = readKitCsv(strFromU8(files["kit.csv"] ?? new Uint8Array()));
    expect("rows" in kit && kit.rows.length).toBe(
      sample?.products.filter(({ archived }) => !archived).length,
    );
    expect(readGpl(strFromU8(files["shelf.gpl"] ?? new Uint8Array())).ok).toBe(true);
    expect(strFromU8(files["read-me.txt"] ?? new Uint8Array())).toContain("open formats");
  });
  it('sums as zlib does (CRC-32; check value of "123456789" is cbf43926)', () => {
    expect(crc32(strToU8("123456789"))).toBe(0xcbf43926);
    fc.assert(
      fc.property(bytes, (some) => {
        expect(crc32(some)).toBe(nodeCrc(some));
      }),
    );
  });
  it("says what is wrong: no ZIP, another ZIP, a newer one, a damaged file, a row that is none", () => {
    expect(readStudio(strToU8("no zip"))).toEqual({
      ok: false,
      why: "it is no ZIP, or a damaged one",
    });
    expect(readStudio(zipSync({ "a.txt": strToU8("a") }))).toEqual({
      ok: false,
      why: "studio.json is missing in it",
    });
    expect(
      readStudio(
        again((files) => {
          files["studio.json"] = strToU8(
            JSON.stringify({ format: "dermagraph studio", version: STUDIO_FILE_VERSION + 1 }),
          );
        }),
      ),
    ).toMatchObject({ why: expect.stringContaining("newer Dermagraph") });
    expect(
      readStudio(
        again((files) => {
          files["people.json"] = strToU8("[]");
        }),
      ),
    ).toEqual({ ok: false, why: "people.json in it is damaged" });
    const read = readStudio(
      again((files) => {
        unsummed(files);
        files["people.json"] = strToU8(JSON.stringify([{ id: "x", fields: { name: "" } }]));
      }),
    );
    expect(read).toMatchObject({ ok: true, rejected: [{ file: "people.json", row: 1 }] });
  });
  it("never throws, and takes nothing that is not a row, for 1,000 files with bytes changed and 1,000 with their text changed", () => {
    const random = seededRandom(11);
    const at = (length: number) => Math.floor(random() * length);
    let refused = 0;
    for (let i = 0; i < 1000; i++) {
      const changed = Uint8Array.from(whole);
      for (let n = 1 + at(6); n > 0; n--) changed[at(changed.length)] = at(256);
      const read = readStudio(i % 5 === 0 ? changed.subarray(0, at(changed.length)) : changed);
      if (!read.ok) refused++;
      // Whatever got through is what was written: it was only packed otherwise.
      else expect(read.content.people).toEqual(sample?.people);
    }
    expect(refused).toBeGreaterThan(700);
    const files = unzipSync(whole);
    const texts = Object.keys(files).filter(
      (name) => name.endsWith(".json") && name !== "studio.json",
    );
    let rejected = 0;
    for (let i = 0; i < 1000; i++) {
      const name = texts[at(texts.length)] ?? "";
      const original = strFromU8(files[name] ?? new Uint8Array());
      const from = at(original.length);
      const changed =
        [
          original.slice(0, from) + original.slice(from + 1 + at(8)),
          `${original.slice(0, from)}9${original.slice(from)}`,
          original.replace(/"[a-zA-Z]+"/g, (word) => (random() < 0.05 ? "null" : word)),
          original.replace(/[[\]{}]/, ""),
        ][i % 4] ?? "";
      const own: Record<string, Uint8Array> = { ...files, [name]: strToU8(changed) };
      unsummed(own);
      const read = readStudio(zipSync(own, { level: 0 }));
      if (!read.ok || read.rejected.length) rejected++;
    }
    expect(rejected).toBeGreaterThan(500);
  });
});
