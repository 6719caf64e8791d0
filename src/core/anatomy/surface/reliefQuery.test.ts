import { defaultFace, usualPhysique } from "..";
import { ReliefQuerySchema, reliefQuery, type ReliefRequest } from "./reliefQuery";

const head: ReliefRequest = {
  part: "head",
  face: defaultFace("narrow"),
  ageYears: 30,
  chart: "leftProfile",
  light: "foot",
  what: "gloss",
};
const body: ReliefRequest = {
  part: "body",
  physique: usualPhysique(8),
  bridgeMm: 1180.25,
  chart: "bodyBack",
  light: "left",
  what: "form",
  box: { left: -400, top: 150, width: 800, height: 1100 },
};
const wordsOf = (request: ReliefRequest) =>
  Object.fromEntries(new URLSearchParams(reliefQuery(request)));
const read = (words: Record<string, string>) => ReliefQuerySchema.safeParse(words);

describe("asking for a relief in the words of a query", () => {
  it.each([head, body])("comes back as what was asked, to a tenth of a millimetre", (request) => {
    const { data } = read(wordsOf(request));
    expect(data).toMatchObject({ part: request.part, chart: request.chart, light: request.light });
    expect(reliefQuery(data!)).toBe(reliefQuery(request));
    if (data?.part === "head")
      expect(
        Math.abs(data.face.cheilionLeft.x - defaultFace("narrow").cheilionLeft.x),
      ).toBeLessThan(0.051);
  });

  it("is the same for faces that look the same, and short enough for an address", () => {
    const { face } = head;
    const near = { ...face, vertex: { x: 0, y: face.vertex.y + 0.001 } };
    expect(reliefQuery({ ...head, face: near })).toBe(reliefQuery(head));
    expect(reliefQuery(head).length).toBeLessThan(2000);
  });

  it.each<Record<string, string>>([
    { ...wordsOf(head), face: "1,2,3" },
    { ...wordsOf(head), face: wordsOf(head).face!.replace(/^[^,]+/, "x") },
    { ...wordsOf(head), face: wordsOf(head).face!.replace(/^[^,]+/, "1e9") },
    { ...wordsOf(head), chart: "bodyFront" },
    { ...wordsOf(head), light: "disco" },
    { ...wordsOf(body), box: "0,0,99999,99999" },
    { ...wordsOf(body), box: "0,0,0,0" },
    { ...wordsOf(body), weight: "-3" },
    { part: "soul" },
    {},
  ])("is refused where it makes no sense: %#", (words) => {
    expect(read(words).success).toBe(false);
  });
});
