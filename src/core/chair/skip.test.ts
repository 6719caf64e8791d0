import { aContext, aLayer, aLook, product } from "../testing";
import { seat, workMinutes } from "../plan";
import { chairSteps, ChairEventSchema, isDone, nextStep, progressOf, readLog, stepsSeen } from ".";

const look = aLook(
  aLayer({ id: "base", coats: 2 }),
  aLayer({
    id: "line",
    role: "detail",
    paint: product("line"),
    tool: "roundBrush",
    technique: "pat",
    coats: 1,
  }),
);
const context = aContext({
  brief: { curtainAt: "2026-06-01T20:00:00+02:00", airDegC: 32, rh: 85 },
});
const plan = seat(look, context);
const steps = chairSteps(look, context, plan);
const event = (
  n: number,
  minute: number,
  kind: "begin" | "done" | "skip" | "back",
  tasks: readonly string[] = [],
) =>
  ChairEventSchema.parse({
    id: `00000000-0000-4000-8000-00000000000${n}`,
    session: "6f9619ff-8b86-4d01-b42d-00cf4fc964ff",
    at: new Date(Date.UTC(2026, 5, 1, 12, minute)).toISOString(),
    kind,
    tasks: [...tasks],
  });

describe("what is left out at the chair", () => {
  const second = steps.find(({ layerId, coat }) => layerId === "base" && coat === 2);
  const log = [
    event(1, 0, "begin"),
    event(2, 4, "done", steps[0]?.tasks),
    event(3, 5, "skip", second?.tasks),
  ];
  const state = readLog(steps, log);
  it("is no longer asked for, takes no time, and shortens what is left", () => {
    expect(second && isDone(second, state)).toBe(true);
    expect(nextStep(steps, state)?.layerId).toBe("line");
    const whole = readLog(steps, log.slice(0, 2));
    expect(progressOf(look, context, { steps, state, now: 5, plan }).until).toBeLessThan(
      progressOf(look, context, { steps, state: whole, now: 5, plan }).until,
    );
    expect(
      stepsSeen(look, context, state).find(({ layerId }) => layerId === "base")?.plannedMinutes,
    ).toBeCloseTo(
      plan.placed
        .filter(({ id }) => id.startsWith("base/1/"))
        .reduce((sum, entry) => sum + workMinutes(entry), 0),
      1,
    );
  });
  it("can be taken back", () =>
    expect(nextStep(steps, readLog(steps, [...log, event(4, 6, "back")]))).toBe(second));
});
