"use client";

import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { ask } from "@/shared/ask";
import { Select } from "@/ui/Select";
import { useRouter } from "next/navigation";
import { useMemo, useState, type ReactNode } from "react";
import { toast } from "sonner";
import { labToHex } from "@/core/colour";
import {
  AS_GOOD_AS,
  PANS,
  panWords,
  smallestPalette,
  TRAYS,
  type Pan,
  type PanKey,
  type PaletteChoice,
  type PaletteWishes,
} from "@/core/kit";
import { material, type Product } from "@/core/paint";
import { recipeWords } from "@/shared/mixing/words";
import { Swatch } from "@/ui/Swatch";
import { Waiting } from "@/shared/workers/Waiting";
import { useFewestPans } from "./usePaletteWorker";

interface SuggestedPaletteProps {
  wishes: PaletteWishes;
  products: readonly Product[];
  /** Of the palette that is laid out from it. */ name: string;
  jobId: string | null;
  /** What else may be done with the choice. */ actions?: (choice: PaletteChoice) => ReactNode;
}

/** How near a mix has to come, in words. Steps are common practice, no published source. */
const NEARNESS = [
  [1, "nobody sees it"],
  [AS_GOOD_AS, "as good as the same"],
  [4, "close, for far rows"],
] as const;

/** The fewest pans that make what some looks are painted with, and the palette laid out from them. */
export function SuggestedPalette({
  wishes,
  products,
  name,
  jobId,
  actions,
}: SuggestedPaletteProps) {
  const say = useSay();
  const router = useRouter();
  const [within, setWithin] = useState<number>(AS_GOOD_AS);
  const [size, setSize] = useState<PanKey>("half");
  const question = useMemo(() => {
    const allowed = new Set(
      wishes.colours.flatMap((colour) => [...colour.allowed, ...colour.own.map(({ id }) => id)]),
    );
    const offered = products.filter(({ id }) => allowed.has(id));
    return { wanted: wishes.colours, products: offered, within };
  }, [wishes, products, within]);
  const answer = useFewestPans(question);
  const choice = answer.fresh ? answer.value : null;
  const byId = new Map(products.map((product) => [product.id, product]));
  const now = new Set(wishes.colours.flatMap(({ own }) => own.map(({ id }) => id)));
  const kindsOf = (ids: readonly string[]) => [
    ...new Set(
      ids.flatMap((id) => {
        const product = byId.get(id);
        return product ? [material(product.material).label] : [];
      }),
    ),
  ];
  const lay = async () => {
    if (!choice) return;
    const pans = choice.pans.map((productId): Pan => ({
      id: crypto.randomUUID(),
      pan: size,
      parts: [{ productId, parts: 1 }],
    }));
    const palette = TRAYS[smallestPalette(pans) ?? "drawer"];
    const answer = await ask(
      "POST /api/palettes",
      {},
      {
        name,
        width: palette.width,
        height: palette.height,
        pans,
        jobId,
      },
    );
    if (!answer.ok) return toast(answer.refusal.detail ?? answer.refusal.title);
    router.push(`/shelf/palettes/${answer.value.id}`);
  };
  if (!wishes.colours.length)
    return (
      <p className="muted text-sm">
        Nothing in it is laid out in pans
        {wishes.beside.length > 0 && `; it takes ${wishes.beside.join(", ")}`}.
      </p>
    );
  return (
    <div className="flex flex-col gap-3 text-sm">
      <div className="flex flex-wrap items-end gap-3">
        <label>
          <span className="label-line">Allowed colour difference</span>
          <Select
            className="!w-60"
            value={within}
            options={NEARNESS.map(([dE]) => dE)}
            labelOf={(dE) => `${dE}: ${NEARNESS.find(([near]) => near === dE)?.[1] ?? ""}`}
            onChange={setWithin}
          />
        </label>
        <label>
          <span className="label-line">In pans of</span>
          <Select
            className="!w-52"
            value={size}
            options={Object.keys(PANS) as PanKey[]}
            labelOf={(entry) => panWords(entry)}
            onChange={setSize}
          />
        </label>
        <button
          type="button"
          className="btn btn-primary"
          disabled={!choice?.pans.length}
          onClick={() => void lay()}
        >
          Lay out a palette
        </button>
        {choice && actions?.(choice)}
      </div>
      <Waiting answer={answer} doing="Looking for the fewest pans" what="the fewest pans" />
      {choice && (
        <>
          <p role="status" className="text-base">
            <strong>
              {choice.pans.length === 1
                ? "One pan is enough"
                : `${choice.pans.length} pans are enough for ${choice.colours.length === 1 ? "its colour" : `all ${choice.colours.length} colours`}`}
            </strong>
            {now.size > choice.pans.length && <>; painted as it is now, it takes {now.size}</>}.
            {!choice.fewest && (
              <span className="muted">
                {" "}
                There are too many combinations to try them all: fewer may do.
              </span>
            )}
          </p>
          {choice.missing.length > 0 && (
            <p className="border-l-4 border-current pl-2 font-semibold">
              Nothing on the shelf that may be worn there makes {choice.missing.join("; ")}.
            </p>
          )}
          <ul aria-label="Colours of the palette">
            {choice.colours.map(({ id, name: layer, made }) => (
              <li
                key={id}
                className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t rule py-1.5"
              >
                <Swatch hex={labToHex(made.lab)} size={28} />
                <span className="min-w-40 flex-1 font-semibold">{layer}</span>
                <span>
                  {recipeWords(made.parts, byId)}
                  {kindsOf(made.parts.map((part) => part.id)).length > 1 && (
                    <span className="muted block text-xs">
                      {kindsOf(made.parts.map((part) => part.id)).join(" with ")}: wears as the
                      weaker does
                    </span>
                  )}
                </span>
                <span className="muted w-24 text-right">
                  {made.dE < 0.05 ? "as it is" : `colour difference ${say.number(made.dE, 1)}`}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      {wishes.beside.length > 0 && (
        <p className="muted">
          Beside the palette, since no pan holds it: {wishes.beside.join(", ")}.
        </p>
      )}
      <HowWorkedOut>
        Mixes of two or three by up to four parts (Kubelka and Munk, two constants), of paints this
        person may wear where they go; colour difference is CIEDE2000 of thick dry paint.
      </HowWorkedOut>
    </div>
  );
}
