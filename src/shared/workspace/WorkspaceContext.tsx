"use client";

import { createContext, useContext, useMemo, useState, type ReactNode } from "react";
import { useStore } from "zustand";
import {
  predict,
  type Finding,
  type Look,
  type LookContext,
  type LookPatch,
  type Prediction,
} from "@/core/look";
import type { Plan } from "@/core/plan";
import { contextOf, storedContextOf } from "@/core/record";
import type { Answer } from "@/shared/workers/useAnswer";
import { useShelf } from "@/shared/shelf/useShelf";
import type { ShelfStart } from "@/server/shelf";
import type { OpenedWorkspace, Workspace } from "@/server/workspace";
import type { Saver, SaveState } from "@/ui/saver/createSaver";
import type { Draft } from "@/ui/saver/drafts";
import type { History } from "@/ui/saver/useSaved";
import { designDraft, useDesignSaver } from "./useDesignSaver";
import { createDesignStore, type DesignStore } from "./store";
import { usePlanOf } from "./usePlan";

export interface Working {
  readonly given: Workspace;
  readonly jobId: string;
  readonly store: DesignStore;
  readonly look: Look;
  readonly context: LookContext;
  readonly prediction: Prediction;
  readonly findings: readonly Finding[];
  /** The plan as last worked out; `fresh` when it is of the look as it stands. */
  readonly plan: Plan | null;
  readonly fresh: boolean;
  /** How the question for that plan stands. */
  readonly judging: Answer<Plan>;
  readonly saving: SaveState;
  readonly apply: (patch: LookPatch) => boolean;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** A design this browser kept that the server never took. */
  readonly draft: Draft<Look> | null;
  readonly saver: Saver<Look>;
  /** A chapter with a history of its own lends it to undo and redo while it is open. */
  readonly lendHistory: (history: History | null) => void;
}

const NONE: readonly Finding[] = [];

const Context = createContext<Working | null>(null);

/** The look one is working on. @throws Error outside a workspace */
export function useWorking(): Working {
  const working = useContext(Context);
  if (!working) throw new Error("outside a look's workspace");
  return working;
}

/** A workspace with the whole shelf in it: as it was opened, and of a large shelf again as soon as the rest is there. */
function useWhole(opened: OpenedWorkspace): Workspace {
  const { products, stock, shelf } = opened;
  const start = useMemo(
    (): ShelfStart => ({
      ...shelf,
      items: products.map((product) => ({
        ...product,
        left: stock[product.id] ?? 0,
        expiry: null,
      })),
    }),
    [products, stock, shelf],
  );
  const { items } = useShelf(start);
  // What came with the page is what it was opened with: the same arrays, so that nothing is worked out twice.
  return useMemo(
    () =>
      items === start.items
        ? opened
        : {
            ...opened,
            products: items.map(({ left: _, expiry: __, ...product }) => product),
            stock: Object.fromEntries(items.map(({ id, left }) => [id, left])),
          },
    [items, start, opened],
  );
}

/** Holds a look with its history over all chapters, and derives everything shown from it. */
export function WorkspaceProvider({
  given: opened,
  jobId,
  children,
}: {
  given: OpenedWorkspace;
  jobId: string;
  children: ReactNode;
}) {
  const given = useWhole(opened);
  const [store] = useState(() => createDesignStore(given.look.design));
  const look = useStore(store, (state) => state.look);
  const history = useStore(store.temporal, (state) => state);
  const [lent, lendHistory] = useState<History | null>(null);
  const [draft] = useState<Draft<Look> | null>(() =>
    typeof window === "undefined" ? null : designDraft(given.look.id, given.look.design),
  );
  const context = useMemo(() => contextOf(storedContextOf(given)), [given]);
  const prediction = useMemo(() => predict(look, context), [look, context]);
  const judging = usePlanOf(look, given);
  const { value: plan, fresh } = judging;
  // Judged off the page alone: a look of sixty layers takes longer to judge than to open.
  const findings = plan?.findings ?? NONE;
  const { saver, saving } = useDesignSaver(store, given.look.id, given.look.version);
  const working = useMemo(
    (): Working => ({
      given,
      jobId,
      store,
      look,
      context,
      prediction,
      findings,
      plan,
      fresh,
      judging,
      saving,
      draft,
      apply: store.getState().apply,
      saver,
      lendHistory,
      undo: () => (lent?.canUndo ? lent.undo() : history.undo()),
      redo: () => (lent?.canRedo ? lent.redo() : history.redo()),
      canUndo: lent?.canUndo || history.pastStates.length > 0,
      canRedo: lent?.canRedo || history.futureStates.length > 0,
    }),
    [
      given,
      jobId,
      store,
      look,
      context,
      prediction,
      findings,
      plan,
      fresh,
      judging,
      saving,
      draft,
      saver,
      lent,
      history,
    ],
  );
  return <Context value={working}>{children}</Context>;
}
