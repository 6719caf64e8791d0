import { listed, plural } from "../text/words";
import { paintWords, type LookContext } from "./context";
import { markLabel } from "../shapes";
import { isSamePart, partWords } from "./part";
import { STRENGTHS, toolWords } from "./passes";
import type { FadeSide, Layer, Look } from "./schema";
import { SCHOOLS } from "./schools";
import { zoneWords } from "./words";

/** How two designs differ, in the words of one who paints them. */
export interface Difference {
  readonly kind: "added" | "gone" | "changed" | "moved" | "look";
  readonly layer: string | null;
  readonly words: string;
}

export const FADE_WORDS: Readonly<Record<FadeSide, string>> = {
  round: "all round",
  up: "upwards",
  down: "downwards",
  in: "towards the midline",
  out: "outwards",
  left: "to the person's left",
  right: "to the person's right",
};

function layerDifferences(
  before: Layer,
  after: Layer,
  products: LookContext["products"],
): string[] {
  const words: string[] = [];
  const say = (differs: boolean, text: string) => {
    if (differs) words.push(text);
  };
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  say(before.name !== after.name, `is called ${after.name}`);
  say(
    !same(before.paint, after.paint),
    `is painted with ${paintWords(after, products)} instead of ${paintWords(before, products)}`,
  );
  say(
    before.coats !== after.coats,
    `has ${after.coats === "auto" ? "as many coats as needed" : `${after.coats} ${plural(after.coats, "coat")}`}`,
  );
  say(before.tool !== after.tool || before.technique !== after.technique, "is laid another way");
  say(
    !same(before.blend, after.blend),
    after.blend ? `is laid with ${toolWords(after)}` : "is not blended with a tool of its own",
  );
  say(before.strength !== after.strength, `is laid ${STRENGTHS[after.strength].label}`);
  say(before.edge !== after.edge, `has ${after.edge} edges`);
  say(before.fadeMm !== after.fadeMm, `fades over ${after.fadeMm} mm`);
  say(!isSamePart(before.part, after.part), `covers ${partWords(after.part)}`);
  say(before.fades !== after.fades, `fades ${FADE_WORDS[after.fades]}`);
  say(
    before.hidden !== after.hidden,
    after.hidden ? "is hidden on the figure" : "is shown on the figure again",
  );
  say(
    before.group !== after.group,
    after.group ? `is in the group ${after.group}` : "is in no group",
  );
  if (!same(before.marks, after.marks)) {
    const [n, m] = [before.marks.length, after.marks.length];
    const moved =
      n === m
        ? after.marks.flatMap((mark, i) => {
            const old = before.marks[i];
            return old && old.kind === mark.kind && (old.x !== mark.x || old.y !== mark.y)
              ? [
                  `${markLabel(mark.kind)} ${i + 1} by ${Math.round(Math.hypot(mark.x - old.x, mark.y - old.y))} mm`,
                ]
              : [];
          })
        : [];
    words.push(
      n !== m
        ? `has ${m} ${plural(m, "shape")} instead of ${n}`
        : moved.length
          ? `has moved ${moved.join(", ")}`
          : "has its shapes drawn differently",
    );
  } else say(!same(before.zones, after.zones), `lies on ${zoneWords(after.zones)}`);
  say(
    before.target !== after.target,
    after.target ? `is meant to be ${after.target}` : "has no colour of its own to match",
  );
  say(
    before.fills !== after.fills,
    after.fills ? "fills its areas as well as its shapes" : "is its shapes alone",
  );
  say(
    !same(before.leavesOut, after.leavesOut),
    after.leavesOut.kind === "nothing"
      ? "leaves nothing out"
      : after.leavesOut.kind === "painted"
        ? "leaves out what is painted before it"
        : "leaves out what other layers cover",
  );
  say(before.notes !== after.notes, "has another note");
  return words;
}

/** What changed from one design to another: layers added, gone, changed and moved, first the first in the stack. */
export function differences(
  before: Look,
  after: Look,
  products: LookContext["products"],
): Difference[] {
  const old = new Map(before.layers.map((layer) => [layer.id, layer]));
  const now = new Map(after.layers.map((layer) => [layer.id, layer]));
  const kept = after.layers.filter(({ id }) => old.has(id)).map(({ id }) => id);
  const keptBefore = before.layers.filter(({ id }) => now.has(id)).map(({ id }) => id);
  return [
    ...(JSON.stringify(before.schools) === JSON.stringify(after.schools)
      ? []
      : [
          {
            kind: "look",
            layer: null,
            words: `The order of work is ${SCHOOLS.map[after.schools.map]}; ${SCHOOLS.base[after.schools.base]}`,
          } as const,
        ]),
    ...(before.name === after.name
      ? []
      : [
          {
            kind: "look",
            layer: null,
            words: `The look is called ${after.name} instead of ${before.name}`,
          } as const,
        ]),
    ...(before.tags.join() === after.tags.join()
      ? []
      : [
          {
            kind: "look",
            layer: null,
            words: after.tags.length
              ? `The look is filed under ${listed(after.tags)}`
              : "The look has no tags",
          } as const,
        ]),
    ...after.layers.flatMap((layer): Difference[] => {
      const was = old.get(layer.id);
      if (!was)
        return [
          {
            kind: "added",
            layer: layer.name,
            words: `${layer.name} is new: ${paintWords(layer, products)} on ${zoneWords(layer.zones)}`,
          },
        ];
      const changed = layerDifferences(was, layer, products).map((words): Difference => ({
        kind: "changed",
        layer: layer.name,
        words: `${was.name} ${words}`,
      }));
      const moved = kept.indexOf(layer.id) < keptBefore.indexOf(layer.id);
      return [
        ...changed,
        ...(moved
          ? [
              {
                kind: "moved",
                layer: layer.name,
                words: `${layer.name} is painted earlier`,
              } as const,
            ]
          : []),
      ];
    }),
    ...before.layers
      .filter(({ id }) => !now.has(id))
      .map((layer): Difference => ({
        kind: "gone",
        layer: layer.name,
        words: `${layer.name} is gone`,
      })),
  ];
}
