import { createSaver } from "./createSaver";
import { dropDraft, readDraft } from "./drafts";
import { savingWords } from "./words";

/** A browser's own store, and a studio that answers as it is told. */
let kept: Map<string, string>;
let sent: { url: string; version: number; value: string }[];
let answer: (n: number) => { status: number; body: object } | "dead";

beforeEach(() => {
  jest.useFakeTimers();
  kept = new Map();
  sent = [];
  answer = () => ({ status: 200, body: { version: (sent.at(-1)?.version ?? 0) + 1 } });
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    },
    fetch: async (url: string, init: { body: string }) => {
      const body = JSON.parse(init.body) as { version: number; value: string };
      const reply = answer(sent.push({ url, ...body }));
      if (reply === "dead") throw new TypeError("no line");
      return new Response(JSON.stringify(reply.body), { status: reply.status });
    },
  });
});
afterEach(() => jest.useRealTimers());

const text = (value: unknown) => (typeof value === "string" ? value : null);
const draft = () => readDraft("thing", text);
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

function open(version = 1) {
  const saver = createSaver(
    { version, value: "first" },
    { key: "thing", url: "/api/thing", body: (from, value) => ({ version: from, value }) },
  );
  return { saver, state: () => saver.state.getState() };
}

describe("saving by itself", () => {
  it("keeps a draft at once, waits a moment, sends the newest once, and says saved only then", async () => {
    const { saver, state } = open();
    saver.put("a");
    saver.put("b");
    expect(state().kind).toBe("saving");
    expect(draft()).toEqual({ version: 1, value: "b" });
    await pass(1000);
    expect(sent).toEqual([{ url: "/api/thing", version: 1, value: "b" }]);
    expect(state().kind).toBe("saved");
    expect(draft()).toBeNull();
    saver.put("c");
    await pass(1000);
    expect(sent[1]).toMatchObject({ version: 2, value: "c" });
  });

  it("keeps it here while the line is dead or the studio fails, and sends it again by itself", async () => {
    const { saver, state } = open();
    answer = (n) => (n % 2 ? "dead" : { status: 503, body: { title: "starting" } });
    saver.put("a");
    await pass(1000);
    expect(state().kind).toBe("waiting");
    await pass(5000);
    expect(state().kind).toBe("waiting");
    expect(draft()?.value).toBe("a");
    answer = () => ({ status: 200, body: { version: 2 } });
    await pass(5000);
    expect(state().kind).toBe("saved");
    expect(draft()).toBeNull();
  });

  it("stops at a newer version, keeps later changes here, and overwrites only when it is told to", async () => {
    const { saver, state } = open();
    answer = () => ({ status: 409, body: { title: "newer", currentVersion: 5 } });
    saver.put("a");
    await pass(1000);
    expect(state()).toEqual({ kind: "stale", current: 5 });
    saver.put("b");
    await pass(20_000);
    expect(sent).toHaveLength(1);
    expect(draft()).toEqual({ version: 1, value: "b" });
    answer = () => ({ status: 200, body: { version: 6 } });
    await saver.overwrite();
    expect(sent[1]).toMatchObject({ version: 5, value: "b" });
    expect(state().kind).toBe("saved");
  });

  it("a draft begun from version 3 does not overwrite version 9 without a word", async () => {
    const { saver, state } = open(9);
    answer = () => ({
      status: sent.at(-1)?.version === 9 ? 200 : 409,
      body: { title: "newer", currentVersion: 9, version: 10 },
    });
    saver.restore({ version: 3, value: "old" });
    await pass(1000);
    expect(sent).toEqual([{ url: "/api/thing", version: 3, value: "old" }]);
    expect(state()).toEqual({ kind: "stale", current: 9 });
  });

  it("takes up a newer version where nothing is open, and else leaves it to be noticed", async () => {
    const { saver, state } = open();
    expect(saver.reseat({ version: 4, value: "theirs" })).toBe(true);
    saver.put("mine");
    expect(saver.reseat({ version: 7, value: "theirs again" })).toBe(false);
    answer = () => ({ status: 409, body: { title: "newer", currentVersion: 7 } });
    await pass(1000);
    expect(sent[0]).toMatchObject({ version: 4, value: "mine" });
    expect(state().kind).toBe("stale");
    expect(saver.reseat({ version: 2, value: "older" })).toBe(false);
  });

  it.each([404, 410])(
    "is told when it is gone (%i), keeps the draft, and asks no more",
    async (status) => {
      const { saver, state } = open();
      answer = () => ({ status, body: { title: "gone" } });
      saver.put("a");
      await pass(1000);
      expect(state().kind).toBe("gone");
      saver.put("b");
      await pass(20_000);
      expect(sent).toHaveLength(1);
      expect(draft()?.value).toBe("b");
      saver.discard();
      expect(draft()).toBeNull();
    },
  );

  it("says what is refused, and tries again once it has changed", async () => {
    const { saver, state } = open();
    answer = () => ({
      status: 400,
      body: { title: "no", errors: [{ field: "value", message: "at most 3 letters" }] },
    });
    saver.put("four");
    await pass(1000);
    expect(savingWords(state())).toBe("not saved: at most 3 letters");
    await pass(20_000);
    expect(sent).toHaveLength(1);
    answer = () => ({ status: 200, body: { version: 2 } });
    saver.put("one");
    await pass(1000);
    expect(state().kind).toBe("saved");
  });

  it("is free again when what was refused was taken back while the answer was on its way", async () => {
    const { saver, state } = open();
    answer = () => {
      saver.put("first");
      return { status: 400, body: { title: "no" } };
    };
    saver.put("a");
    await pass(2000);
    expect(sent).toHaveLength(1);
    expect(state().kind).toBe("saved");
    expect(draft()).toBeNull();
  });

  it("sends what is open when the page goes", async () => {
    const { saver } = open();
    saver.put("a");
    await saver.flush(true);
    expect(sent).toHaveLength(1);
    await pass(1000);
    expect(sent).toHaveLength(1);
  });
});

describe("drafts", () => {
  it("are none where there is rubbish, and an early build's are read", () => {
    for (const rubbish of ["{", "7", "null", '{"version":1}', '{"version":"1","value":"a"}']) {
      kept.set("dermagraph.draft.thing", rubbish);
      expect(draft()).toBeNull();
    }
    kept.set("dermagraph.draft.thing", JSON.stringify({ version: 2, look: "early" }));
    expect(draft()).toEqual({ version: 2, value: "early" });
    dropDraft("thing");
    expect(kept.size).toBe(0);
  });

  it("are done without where the browser keeps nothing", async () => {
    Object.assign(globalThis, {
      localStorage: {
        getItem: () => {
          throw new Error("denied");
        },
        setItem: () => {
          throw new Error("full");
        },
        removeItem: () => {
          throw new Error("denied");
        },
      },
    });
    const { saver, state } = open();
    saver.put("a");
    await pass(1000);
    expect(state().kind).toBe("saved");
    expect(draft()).toBeNull();
  });
});
