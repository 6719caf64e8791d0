import fc from "fast-check";
import type { ChairEvent } from "@/core/chair";
import type { Answer } from "@/ui/request";
import { createChairLog, keyOf } from "./chairLog";

/** A browser's store, as far as the log needs one. */
function aBrowser(): Map<string, string> {
  const held = new Map<string, string>();
  Object.defineProperty(globalThis, "localStorage", {
    configurable: true,
    value: {
      getItem: (key: string) => held.get(key) ?? null,
      setItem: (key: string, value: string) => void held.set(key, value),
      removeItem: (key: string) => void held.delete(key),
    },
  });
  return held;
}

/** A studio that takes each event once, and answers, fails before or fails after taking them, as it is told. */
function aStudio(moods: readonly ("answers" | "dead" | "lost")[]) {
  const events = new Map<string, ChairEvent>();
  let at = 0;
  const post = (_: string, body: unknown): Promise<Answer<object>> => {
    const mood = moods[at++] ?? "answers";
    if (mood !== "dead")
      for (const event of (body as { events: ChairEvent[] }).events)
        if (!events.has(event.id)) events.set(event.id, event);
    return Promise.resolve(
      mood === "answers"
        ? { ok: true, value: {} }
        : { ok: false, refusal: { status: 0, title: "The studio doesn't answer." } },
    );
  };
  return { events, post };
}

const quiet = () =>
  new Promise((resolve) => {
    setTimeout(resolve, 0);
  });

describe("the log of a chair in its browser", () => {
  it("reaches the studio whole, once each and in order, whatever the line does, over tabs closed and opened", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom("answers" as const, "dead" as const, "lost" as const), {
          maxLength: 12,
        }),
        fc.array(fc.constantFrom("log", "reopen", "flush"), { minLength: 1, maxLength: 14 }),
        async (moods, acts) => {
          aBrowser();
          const studio = aStudio(moods);
          let chair = createChairLog("look", "job", [], studio.post);
          chair.log({ kind: "begin" });
          let written = 1;
          for (const act of acts) {
            if (act === "log") {
              chair.log({ kind: "done", tasks: [`t${written}`] });
              written++;
            }
            if (act === "reopen") chair = createChairLog("look", "job", [], studio.post);
            if (act === "flush") await chair.flush();
            await quiet();
          }
          expect(chair.state.getState().events).toHaveLength(written);
          for (let i = 0; i < 14; i++) {
            await chair.flush();
            await quiet();
          }
          expect([...studio.events.values()].map(({ id }) => id).sort()).toEqual(
            chair.state
              .getState()
              .events.map(({ id }) => id)
              .sort(),
          );
          expect(chair.state.getState().sending).toEqual({ kind: "sent" });
          expect(new Set([...studio.events.values()].map(({ session }) => session)).size).toBe(1);
        },
      ),
      { numRuns: 60 },
    );
  });
  it("goes on with the sitting that the studio knows, and begins another when asked", async () => {
    aBrowser();
    const first = createChairLog("look", null, [], aStudio([]).post);
    first.log({ kind: "begin" });
    const known = first.state.getState().events;
    aBrowser();
    const elsewhere = createChairLog("look", null, known, aStudio([]).post);
    elsewhere.log({ kind: "done", tasks: ["t"] });
    expect(elsewhere.state.getState().events.map(({ kind }) => kind)).toEqual(["begin", "done"]);
    await new Promise((resolve) => {
      setTimeout(resolve, 5);
    });
    elsewhere.log({ kind: "begin" });
    expect(elsewhere.state.getState().events.map(({ kind }) => kind)).toEqual(["begin"]);
  });
  it("keeps what the studio refuses, and says why; a broken store is an empty one", async () => {
    const held = aBrowser();
    held.set(keyOf("look", "job"), "{ broken");
    const chair = createChairLog("look", "job", [], () =>
      Promise.resolve({
        ok: false,
        refusal: {
          status: 400,
          title: "Some of this can't be taken as it is.",
          detail: "jobId: is no job of this look",
        },
      }),
    );
    chair.log({ kind: "begin" });
    await quiet();
    expect(chair.state.getState().sending).toEqual({
      kind: "refused",
      why: "jobId: is no job of this look",
    });
    expect(
      createChairLog("look", "job", [], aStudio([]).post).state.getState().events,
    ).toHaveLength(1);
  });
});
