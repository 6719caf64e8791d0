import { buildFigure, defaultFace } from "@/core/anatomy";
import { zonesOfMarks, type Look } from "@/core/look";
import { slug } from "@/core/text/words";
import { drought, firstFrost, sundog, thunderhead } from "./actors";
import { smallSundog, twoHailstones } from "./booth";
import { bogLight, fog, gateLeaf, hail } from "./chorus";

/** Marks know the zones they lie on only on a figure: filled in here on the average one. */
const onFigure = (design: Look): Look => ({
  ...design,
  layers: design.layers.map((entry) =>
    entry.marks.length
      ? { ...entry, zones: zonesOfMarks(entry.marks, buildFigure(defaultFace())) }
      : entry,
  ),
});

export const DEMO_LOOKS: readonly { readonly id: string; readonly design: Look }[] = [
  thunderhead,
  drought,
  firstFrost,
  ...[sundog, fog, hail, bogLight, gateLeaf, twoHailstones, smallSundog].map(onFigure),
].map((design) => ({ id: slug(design.name), design }));
