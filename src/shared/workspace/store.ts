import { temporal } from "zundo";
import { createStore, type StoreApi } from "zustand";
import type { TemporalState } from "zundo";
import { applyPatch, type Look, type LookPatch } from "@/core/look";

export interface Design {
  readonly look: Look;
  /** Changes the look by a named patch; a patch that can't apply leaves it as it was and answers false. */
  readonly apply: (patch: LookPatch) => boolean;
  /** Puts another design in its place, as after "take theirs". */
  readonly replace: (look: Look) => void;
}

export type DesignStore = StoreApi<Design> & {
  temporal: StoreApi<TemporalState<Pick<Design, "look">>>;
};

/** The look being worked on, with its history: undo and redo go through the same patches as every edit. */
export function createDesignStore(first: Look): DesignStore {
  return createStore<Design>()(
    temporal(
      (set, get) => ({
        look: first,
        apply: (patch) => {
          try {
            set({ look: applyPatch(get().look, patch) });
            return true;
          } catch (error) {
            if (error instanceof RangeError) return false;
            throw error;
          }
        },
        replace: (look) => set({ look }),
      }),
      { partialize: ({ look }) => ({ look }), equality: (a, b) => a.look === b.look, limit: 300 },
    ),
  );
}
