import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { spawnSync } from "node:child_process";
import { faceSheet, onSheetOf, PAPERS } from "@/core/formats";
import { lookContext, placedStrokes, predict } from "@/core/look";
import { loadDemoWhenEmpty } from "./demo";
import { exportLook, importLook, sheetPdf, template } from "./templates";
import { loadWorkspace } from "./workspace";
import { statusOf } from "./testing";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-templates-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

/** Page size, path points and text of a PDF's first page, read by pdfjs-dist in a process of its own (it is a module of another kind), in mm from the upper left. */
function readPdf(bytes: Uint8Array): {
  width: number;
  height: number;
  paths: { x: number; y: number }[][];
  text: string;
} {
  const script = `
    import { getDocument, OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
    const chunks = []; for await (const chunk of process.stdin) chunks.push(chunk);
    const page = await (await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise).getPage(1);
    const [, , W, H] = page.view; const mm = 25.4 / 72;
    const { fnArray, argsArray } = await page.getOperatorList();
    const stack = []; let m = [1, 0, 0, 1, 0, 0]; const paths = [];
    const by = (a, b) => [a[0]*b[0]+a[2]*b[1], a[1]*b[0]+a[3]*b[1], a[0]*b[2]+a[2]*b[3], a[1]*b[2]+a[3]*b[3], a[0]*b[4]+a[2]*b[5]+a[4], a[1]*b[4]+a[3]*b[5]+a[5]];
    fnArray.forEach((fn, i) => {
      const args = argsArray[i];
      if (fn === OPS.save) stack.push(m); else if (fn === OPS.restore) m = stack.pop(); else if (fn === OPS.transform) m = by(m, args);
      else if (fn === OPS.constructPath) {
        const [ops, values] = args; let k = 0; let path = [];
        for (const op of ops) if (op === OPS.moveTo || op === OPS.lineTo) { if (op === OPS.moveTo && path.length) { paths.push(path); path = []; } const [x, y] = [values[k++], values[k++]]; path.push({ x: (m[0]*x + m[2]*y + m[4]) * mm, y: (H - (m[1]*x + m[3]*y + m[5])) * mm }); }
        if (path.length) paths.push(path);
      }
    });
    const text = (await page.getTextContent()).items.map((item) => item.str).join("\\n");
    console.log(JSON.stringify({ width: W * mm, height: H * mm, paths, text }));`;
  const run = spawnSync(process.execPath, ["--input-type=module", "-e", script], {
    input: bytes,
    maxBuffer: 64e6,
    cwd: process.cwd(),
  });
  if (run.status !== 0) throw new Error(run.stderr.toString().slice(0, 2000));
  return JSON.parse(run.stdout.toString()) as ReturnType<typeof readPdf>;
}

describe("templates", () => {
  it("as PDF measure what the design says, within 0.2 mm, read back by pdfjs-dist", async () => {
    const given = await loadWorkspace("sundog");
    if (!given) throw new Error("the demo has lost the Sundog");
    const context = lookContext({
      person: given.person,
      brief: given.brief,
      products: given.products,
      today: given.today,
    });
    const look = given.look.design;
    for (const paper of ["a4", "letter"] as const) {
      const sheet = faceSheet({
        kind: "stencil",
        paper,
        look,
        context,
        prediction: predict(look, context),
      });
      const read = readPdf(await sheetPdf([sheet], "Sundog"));
      expect(read.width).toBeCloseTo(PAPERS[paper].widthMm, 1);
      expect(read.height).toBeCloseTo(PAPERS[paper].heightMm, 1);
      const far = (a: { x: number; y: number }, b: { x: number; y: number }) =>
        Math.hypot(a.x - b.x, a.y - b.y);
      expect(
        read.paths.some(
          ([a, b, ...more]) => a && b && more.length === 0 && Math.abs(far(a, b) - 100) < 0.2,
        ),
      ).toBe(true);
      const disc = look.layers.find(({ name }) => name === "Rayed disc")?.marks[0];
      const wanted = (disc ? placedStrokes(disc) : [])[0]?.points[0];
      const centre = wanted && onSheetOf(context.figure, PAPERS[paper].widthMm)(wanted);
      // The disc's outline: every point 10 mm from its centre.
      const ring = read.paths.find(
        (path) =>
          path.length >= 36 && centre && path.every((p) => Math.abs(far(p, centre) - 10) < 0.2),
      );
      expect(ring).toBeDefined();
      expect(read.text).toContain("Sundog");
      expect(read.text).toContain("100 mm: measure this line");
    }
  }, 60_000);
  it("come as SVG or PDF of a look on its job's person; a wrong wish is refused with the field", async () => {
    expect(
      await template("sundog", { kind: "chart", format: "svg", paper: "letter" }),
    ).toMatchObject({ type: "image/svg+xml", name: "sundog-chart.svg" });
    expect((await template("first-frost", { kind: "blank", format: "pdf" })).name).toBe(
      "first-frost-blank.pdf",
    );
    for (const wrong of [
      { kind: "poster", format: "svg" },
      { kind: "chart", format: "exe" },
      { kind: "chart", format: "svg", paper: "a0" },
    ] as Record<string, string>[])
      expect(await statusOf(template("sundog", wrong))).toBe(400);
    expect(await statusOf(template("nowhere", { kind: "chart", format: "svg" }))).toBe(404);
  });
});

describe("look files", () => {
  it("go out and come back as a look of their own, never over another", async () => {
    const { file, name } = await exportLook("sundog");
    expect(name).toBe("sundog.look.json");
    expect(file.products.map((product) => product.name)).toContain("Wheat light");
    const taken = await importLook(new TextEncoder().encode(JSON.stringify(file)));
    expect(taken).toMatchObject({ name: "Sundog 2", missing: [] });
    expect((await loadWorkspace(taken.lookId))?.look.design.layers).toEqual(file.look.layers);
    expect((await loadWorkspace("sundog"))?.look.version).toBe(1);
  });
  it("say which products are not on this shelf, and come in as a draft where a safety rule stops them", async () => {
    const { file } = await exportLook("sundog");
    const stranger = {
      ...file,
      products: [
        ...file.products,
        { id: "far-away", name: "Far away", maker: "", material: "waterWax", colour: "#112233" },
      ],
    };
    expect((await importLook(new TextEncoder().encode(JSON.stringify(stranger)))).missing).toEqual([
      "Far away",
    ]);
    const craft = {
      ...file,
      look: {
        ...file.look,
        layers: file.look.layers.map((layer) =>
          layer.role === "base"
            ? { ...layer, paint: { kind: "product", productId: "workshop-gold" } }
            : layer,
        ),
      },
    };
    const { lookId } = await importLook(new TextEncoder().encode(JSON.stringify(craft)));
    expect(await statusOf(template(lookId, { kind: "chart", format: "pdf" }))).toBe(422);
    expect(await statusOf(importLook(new TextEncoder().encode("{}")))).toBe(400);
    expect(await statusOf(importLook(new Uint8Array(2_000_001)))).toBe(400);
  });
});
