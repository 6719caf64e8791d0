import { DEMO_LOOKS, DEMO_PRODUCTS } from "../../demo";
import { makeCase } from "../../../tests/proof/make";
import { USUAL_BRIEF } from "../brief";
import { lookContext, materialOf, type Look, type LookContext } from "../look";
import { isPiece, material } from "../paint";
import { STAND_IN } from "../people";
import { seat, STAGES, type LayerTask } from ".";

const TODAY = "2026-06-01";
const BODY = ["torso", "back", "arms", "hands", "legs", "feet"];
const products = DEMO_PRODUCTS(TODAY).map(({ id, fields }) => ({ ...fields, id, version: 1 }));

/** The demo's looks in still air of 21 degC and in slow-drying air, and 200 made-up ones. */
function* cases(): Generator<[string, Look, LookContext]> {
  for (const { id, design } of DEMO_LOOKS)
    for (const air of [
      { airDegC: 21, rh: 50 },
      { airDegC: 29, rh: 85 },
    ])
      yield [
        `${id} at ${air.airDegC}`,
        design,
        lookContext({
          person: STAND_IN,
          brief: { ...USUAL_BRIEF, ...air, paintedIn: "there" },
          products,
          today: TODAY,
        }),
      ];
  for (let seed = 1; seed <= 200; seed++) {
    const { person, brief, shelf, look } = makeCase(seed);
    yield [`case ${seed}`, look, lookContext({ person, brief, products: shelf, today: TODAY })];
  }
}

const partsOf = ({ covers }: LayerTask): Set<"head" | "body"> =>
  new Set(covers.map((region) => (BODY.includes(region) ? "body" : "head")));

describe("chairs of the demo and of 200 made-up looks", () => {
  const all = [...cases()].map(([name, look, context]) => ({
    name,
    look,
    context,
    chair: seat(look, context),
  }));
  const each = (judge: (entry: (typeof all)[number]) => string[]) =>
    expect(all.flatMap((entry) => judge(entry).map((fault) => `${entry.name}: ${fault}`))).toEqual(
      [],
    );

  it("hold the stages on each head and each body", () =>
    each(({ chair: { tasks, placed } }) => {
      const at = new Map(placed.map((entry) => [entry.id, entry]));
      return (["head", "body"] as const).flatMap((part) => {
        const own = tasks.filter((task) => partsOf(task).has(part));
        return own.flatMap((task) =>
          own
            .filter((earlier) => STAGES.indexOf(earlier.stage) < STAGES.indexOf(task.stage))
            .filter(
              (earlier) => (at.get(task.id)?.start ?? 0) < (at.get(earlier.id)?.end ?? 0) - 1e-6,
            )
            .map((earlier) => `${task.id} before ${earlier.id}`),
        );
      });
    }));

  it("tear no piece, and no pass into stretches under half a minute", () =>
    each(({ look, context, chair: { tasks, placed } }) => {
      const passOf = new Map(tasks.map((task) => [task.id, task]));
      const stretches: { pass: string; layer: string; hand: number; minutes: number }[] = [];
      for (const { id, start, end, hand = 0 } of placed) {
        const task = passOf.get(id);
        if (!task) continue;
        const last = stretches.findLast((one) => one.hand === hand);
        if (last?.pass === task.pass.id) last.minutes += end - start;
        else
          stretches.push({ pass: task.pass.id, layer: task.layerId, hand, minutes: end - start });
      }
      return stretches.flatMap(({ pass, layer, hand, minutes }) => {
        const torn = stretches.filter((one) => one.pass === pass && one.hand === hand).length > 1;
        const own = look.layers.find(({ id }) => id === layer);
        const key = own && materialOf(own, context.products);
        return torn && (minutes < 0.5 - 1e-9 || (key && isPiece(key)))
          ? [`${pass} torn, ${minutes.toFixed(2)} min`]
          : [];
      });
    }));

  it("bring nothing oily, wet or dusty near open adhesive", () =>
    each(({ look, context, chair: { tasks, placed } }) => {
      const at = new Map(placed.map((entry) => [entry.id, entry]));
      const behaves = ({ layerId }: LayerTask) => {
        const layer = look.layers.find(({ id }) => id === layerId);
        const key = layer && materialOf(layer, context.products);
        // A piece holds to what glues it; hair, teeth and a headpiece are neither wet nor dusty.
        if (!layer) return "piece";
        return key ? material(key).behaves : "prep";
      };
      const head = tasks.filter((task) => partsOf(task).has("head"));
      const holds = head.filter((task) => ["adhesive", "browHold"].includes(behaves(task)));
      const soils = head.filter(
        (task) => !["adhesive", "browHold", "piece", "foam"].includes(behaves(task)),
      );
      return holds.flatMap((glue) => {
        const open = at.get(glue.id);
        return soils
          .filter((task) => {
            const own = at.get(task.id);
            return (
              open && own && own.start < open.end + glue.wait - 1e-6 && own.end > open.start + 1e-6
            );
          })
          .map((task) => `${task.id} while ${glue.id} is open`);
      });
    }));

  it("change paint and tool at most a quarter more than the stack in all, each change more for minutes, and never end later", () => {
    each(({ chair: { ends, order, tasks } }) => [
      ...(order.changes > order.stack.changes &&
      (order.stack.minutes - ends) / (order.changes - order.stack.changes) < 1
        ? [`${order.changes} changes against ${order.stack.changes} save too little`]
        : []),
      ...(order.changes > Math.max(1.25 * order.stack.changes, order.stack.changes + 2)
        ? [`${order.changes} changes against ${order.stack.changes}`]
        : []),
      ...(ends > order.stack.minutes + 1e-6 ? [`ends ${ends} against ${order.stack.minutes}`] : []),
      ...(tasks.length && order.changes === 0 ? ["counts no change at all"] : []),
    ]);
    const sum = (of: (chair: (typeof all)[number]["chair"]) => number) =>
      all.reduce((total, { chair }) => total + of(chair), 0);
    expect(sum(({ order }) => order.changes)).toBeLessThanOrEqual(
      1.25 * sum(({ order }) => order.stack.changes),
    );
    expect(all).toHaveLength(220);
  });

  it("beat the stack's own order by over three minutes in slow air in at least five of the demo's looks", () => {
    const saved = all
      .filter(({ name }) => name.endsWith("at 29"))
      .map(({ chair: { ends, order } }) => order.stack.minutes - ends);
    expect(saved.filter((minutes) => minutes > 3).length).toBeGreaterThanOrEqual(5);
  });
});
