import { emptyLook } from "@/core/look";
import { aLayer } from "@/core/testing";
import { createDesignStore } from "./store";

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
