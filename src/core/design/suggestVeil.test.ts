import { chroma, hexToLab, labFromReflectance } from "../colour";
import { emptyLook, predict, suggestLayer } from "../look";
import { aContext, aProduct } from "../testing";

// COLOUR-2: a shadow is a darker, duller relative of what it falls on, judged as it lies there in a thin film.

const SHELF = [
  ["clay", "#a5602c"],
  ["peat", "#4b2d1c"],
  ["slate", "#6f7882"],
  ["coal", "#161616"],
  ["ember", "#d8662b"],
  ["sand", "#d9c29a"],
  ["white", "#f3f2ec"],
].map(([id = "", colour]) =>
  aProduct({ id, name: id, colour: colour ?? null, hiding: 0.9, eyeSafe: true }),
);

describe.each(["#f0d2bd", "#c58d68", "#8a5a3c", "#4e2f1f"])("a suggested veil on %s", (skin) => {
  const context = aContext({ products: SHELF, person: { skin } });
  const look = emptyLook("x");
  const seen = (role: "contour" | "shade" | "highlight", strength: "full" | "sheer") => {
    const layer = suggestLayer(role, look, context, strength);
    const film = predict({ ...look, layers: [layer] }, context)
      .films.get(layer.zones[0] ?? "forehead")
      ?.at(-1);
    if (!film) throw new Error("nothing painted");
    return labFromReflectance(film.colour);
  };
  const own = hexToLab(skin);

  it.each(["full", "sheer"] as const)(
    "darkens without turning to another colour, %s",
    (strength) => {
      for (const role of ["contour", "shade"] as const) {
        const lab = seen(role, strength);
        expect(lab[0]).toBeLessThan(own[0] - 2);
        expect(chroma(lab)).toBeLessThanOrEqual(chroma(own) * 1.15);
      }
    },
  );
  it("lightens where it is a highlight", () => {
    expect(seen("highlight", "full")[0]).toBeGreaterThan(own[0]);
  });
});
