import { emptyLook, type Look } from "@/core/look";
import { aLayer } from "@/core/testing";
import { createSaver, dropDraft, readDraft } from "./autosave";
import { createDesignStore } from "./store";

/** A browser's own store, and a server that answers as it is told. */
let kept: Map<string, string>;
let sent: { url: string; version: number; design: Look }[];
let answer: (n: number) => { status: number; body: object } | "dead";

beforeEach(() => {
  jest.useFakeTimers();
  kept = new Map();
  sent = [];
  answer = (n) => ({ status: 200, body: { version: n + 1 } });
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    },
    window: { addEventListener: () => undefined, removeEventListener: () => undefined },
    fetch: async (url: string, init: { body: string }) => {
      const body = JSON.parse(init.body) as { version: number; design: Look };
      const reply = answer(sent.push({ url, ...body }));
      if (reply === "dead") throw new TypeError("no line");
      return new Response(JSON.stringify(reply.body), { status: reply.status });
    },
  });
});
afterEach(() => jest.useRealTimers());

const open = () => {
  const store = createDesignStore(emptyLook("trial"));
  const saver = createSaver(store, "look", 1);
  const leave = saver.follow();
  const kind = () => saver.state.getState().kind;
  return {
    store,
    saver,
    leave,
    kind,
    add: (id: string) => store.getState().apply({ op: "addLayer", layer: aLayer({ id }) }),
  };
};
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

describe("history", () => {
  it("undoes and redoes patch by patch, and leaves the look when a patch can't apply", () => {
    const store = createDesignStore(emptyLook("trial"));
    const ids = () =>
      store
        .getState()
        .look.layers.map((layer) => layer.id)
        .join("");
    expect(store.getState().apply({ op: "addLayer", layer: aLayer({ id: "a" }) })).toBe(true);
    expect(store.getState().apply({ op: "addLayer", layer: aLayer({ id: "b" }) })).toBe(true);
    expect(store.getState().apply({ op: "moveLayer", id: "a", to: 9 })).toBe(false);
    expect(ids()).toBe("ab");
    store.temporal.getState().undo();
    expect(ids()).toBe("a");
    store.temporal.getState().undo();
    expect(ids()).toBe("");
    store.temporal.getState().redo();
    store.temporal.getState().redo();
    expect(ids()).toBe("ab");
  });
});

describe("saving", () => {
  it("waits a moment, sends the newest design once with its version, and says saved only then", async () => {
    const { add, kind } = open();
    add("a");
    add("b");
    expect(kind()).toBe("saving");
    expect(readDraft("look")?.look.layers).toHaveLength(2);
    await pass(1000);
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ url: "/api/looks/look", version: 1 });
    expect(kind()).toBe("saved");
    expect(readDraft("look")).toBeNull();
    add("c");
    await pass(1000);
    expect(sent[1]?.version).toBe(2);
    expect(sent[1]?.design.layers).toHaveLength(3);
  });

  it("keeps the design here while the line is dead, and sends it again by itself", async () => {
    const { add, kind } = open();
    answer = () => "dead";
    add("a");
    await pass(1000);
    expect(kind()).toBe("waiting");
    expect(readDraft("look")?.look.layers).toHaveLength(1);
    answer = () => ({ status: 200, body: { version: 2 } });
    await pass(5000);
    expect(kind()).toBe("saved");
    expect(sent.length).toBeGreaterThanOrEqual(2);
  });

  it("stops at a newer version, keeps later edits in the browser, and overwrites nothing", async () => {
    const { add, kind, saver } = open();
    answer = () => ({ status: 409, body: { title: "newer", currentVersion: 5 } });
    add("a");
    await pass(1000);
    expect(saver.state.getState()).toEqual({ kind: "stale", current: 5 });
    add("b");
    await pass(10_000);
    expect(sent).toHaveLength(1);
    expect(kind()).toBe("stale");
    expect(readDraft("look")?.look.layers).toHaveLength(2);
  });

  it("holds back while a rule stops the look, and goes on once it is mended", async () => {
    const { add, kind, saver, store } = open();
    saver.block("latex");
    add("a");
    await pass(1000);
    expect(kind()).toBe("stopped");
    expect(sent).toHaveLength(0);
    store.temporal.getState().undo();
    await pass(1000);
    expect(kind()).toBe("saved");
    store.temporal.getState().redo();
    await pass(1000);
    expect(kind()).toBe("stopped");
    store.getState().apply({ op: "removeLayer", id: "a" });
    add("b");
    saver.block(null);
    await pass(1000);
    expect(kind()).toBe("saved");
    expect(sent.at(-1)?.design.layers.map((layer) => layer.id)).toEqual(["b"]);
  });

  it("is free again when what the server stops was taken back while its answer was on the way", async () => {
    const { add, kind, store } = open();
    answer = () => {
      store.temporal.getState().undo();
      return { status: 422, body: { title: "A safety rule stops this.", detail: "lips" } };
    };
    add("a");
    await pass(2000);
    expect(sent).toHaveLength(1);
    expect(kind()).toBe("saved");
  });

  it("says what the server stops, and sends what is open when the page goes", async () => {
    const { add, kind, leave } = open();
    answer = () => ({
      status: 422,
      body: { title: "A safety rule stops this.", detail: "allergic" },
    });
    add("a");
    await pass(1000);
    expect(kind()).toBe("stopped");
    answer = () => ({ status: 200, body: { version: 2 } });
    add("b");
    leave();
    await pass(0);
    expect(sent.at(-1)?.design.layers).toHaveLength(2);
  });

  it("reads no draft from rubbish", () => {
    kept.set("dermagraph.draft.look", "{");
    expect(readDraft("look")).toBeNull();
    kept.set("dermagraph.draft.look", JSON.stringify({ version: 1, look: { schema: 9 } }));
    expect(readDraft("look")).toBeNull();
    dropDraft("look");
    expect(kept.size).toBe(0);
  });
});
