"use client";

import type { Say } from "@/core/text/say";
import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { plural } from "@/core/text/words";
import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import {
  colourWords,
  deltaE00,
  hexToLab,
  labToHex,
  type MixRecipe,
  masstoneLab,
} from "@/core/colour";
import { layerGrams } from "@/core/kit";
import {
  browCover,
  browCoverWords,
  hexOf,
  paintWords,
  recipeOf,
  resolveCoats,
  withPaint,
  type LookContext,
  type PaintChoice,
} from "@/core/look";
import { productOptics, recipeOptics } from "@/core/paint";
import { Bench, type BenchPart } from "@/shared/mixing/Bench";
import { SaveMix } from "@/shared/mixing/SaveMix";
import { useMatches, wishKey, type Match, type Wish } from "@/shared/mixing/useMatches";
import { differenceWords, recipeWords } from "@/shared/mixing/words";
import { Waiting } from "@/shared/workers/Waiting";
import { FindingsList } from "@/shared/workspace/FindingsList";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { Swatch } from "@/ui/Swatch";
import { colourRows, wantedLab, type ColourRow } from "./rows";
import { Separation } from "./Separation";

/** What this chapter's findings are about. */
const RULES = /^(COLOUR|DIST|LAYER-[568]|BROW-3)/;

/** Every colour the look needs beside what the shelf can do, and whether neighbours stay apart at the last seat. */
export function ColourChapter() {
  const { given, look, context, prediction, jobId } = useWorking();
  const [onBench, setOnBench] = useState<string | null>(null);
  const rows = useMemo(
    () => colourRows(look, context, prediction, given.products),
    [look, context, prediction, given.products],
  );
  const wishes = useMemo(
    () =>
      rows.map(({ wanted, candidates }): Wish => ({
        key: wishKey(wanted, candidates),
        hex: wanted,
        products: candidates,
      })),
    [rows],
  );
  const answer = useMatches(wishes);
  const matches = answer.value;
  const benchRow = rows.find(({ layer }) => layer.id === onBench);
  if (!rows.length)
    return (
      <div className="p-6">
        <Empty title="No colour yet">
          <p>Colours follow from the layers of the map.</p>
          <Link className="btn btn-primary" href={`/looks/${given.look.id}/${jobId}/map`}>
            To the map
          </Link>
        </Empty>
      </div>
    );
  return (
    <div className="mx-auto max-w-7xl p-4 sm:p-6">
      <h2 className="text-2xl">
        Colours of {look.name}{" "}
        <span className="muted font-sans text-base font-normal">
          predicted on {context.person.name}&apos;s skin, from the shelf
        </span>
      </h2>
      {answer.error !== null && (
        <Waiting answer={answer} doing="Matching the colours" what="the matches" />
      )}
      <div className="relative mt-3 overflow-x-auto">
        <table className="w-full min-w-[62rem] text-sm">
          <caption className="sr-only">Colours with their best matches</caption>
          <thead>
            <tr className="border-b-2 border-base-content text-left">
              {[
                "Layer",
                "Wanted",
                "Now",
                "Coats",
                "Wet / dry",
                "Best by itself",
                "Best mix",
                "",
              ].map((head) => (
                <th key={head} scope="col" className="px-2 py-1.5">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <Row
                key={row.layer.id}
                row={row}
                match={matches?.get(wishes[i]?.key ?? "") ?? null}
                onBench={() => setOnBench(row.layer.id)}
              />
            ))}
          </tbody>
        </table>
      </div>
      <HowWorkedOut>
        Colour difference is CIEDE2000 to the colour wanted, thick and dry, by daylight. Coats:
        until its thin places and its thick ones look alike and near the paint itself, film over
        what lies below (Kubelka and Munk). Only paints of the same medium that{" "}
        {context.person.name} may wear there are offered.
      </HowWorkedOut>
      {benchRow && (
        <section aria-label={`Bench for ${benchRow.layer.name}`} className="card-plain mt-5 p-4">
          <div className="mb-3 flex items-center justify-between">
            <h3 className="text-xl">Bench: {benchRow.layer.name}</h3>
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => setOnBench(null)}>
              Close the bench
            </button>
          </div>
          <LayerBench key={benchRow.layer.id} row={benchRow} />
        </section>
      )}
      <div className="mt-6 grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
        <Separation />
        <div className="flex flex-col gap-6">
          <BrowPanel />
          <section aria-label="Colour findings">
            <h3 className="mb-2 text-xl">Watch out for</h3>
            <FindingsList only={RULES} />
          </section>
        </div>
      </div>
    </div>
  );
}

/** The weight of each part; one figure where there is too little to weigh. */
const batchWords = (grams: readonly number[], { mass }: Say): string =>
  grams.every((g) => g < 0.1) ? mass(Math.max(...grams)) : grams.map(mass).join(" + ");

/** Parts of a recipe as a layer holds them. */
const choiceOf = (
  parts: MixRecipe["parts"] | readonly { id: string; parts: number }[],
): PaintChoice =>
  parts.length === 1
    ? { kind: "product", productId: parts[0]?.id ?? "" }
    : { kind: "mix", parts: parts.map(({ id, parts: n }) => ({ productId: id, parts: n })) };

/** Optics of a recipe as it is laid; by itself a paint is laid at its own strength. */
function opticsOf(
  parts: readonly { id: string; parts: number }[],
  products: LookContext["products"],
) {
  const list = parts.flatMap(({ id, parts: n }) => {
    const product = products.get(id);
    return product ? [{ product, parts: n }] : [];
  });
  return list.length === 1 && list[0]
    ? productOptics(list[0].product)
    : list.length
      ? recipeOptics(list)
      : null;
}

function Row({
  row,
  match,
  onBench,
}: {
  row: ColourRow;
  match: Match | null;
  onBench: () => void;
}) {
  const say = useSay();
  const { context, prediction, apply, undo } = useWorking();
  const { layer } = row;
  const cover = prediction.coats.get(layer.id);
  const own = masstoneLab(row.optics);
  const off = layer.paint.kind === "material" ? null : deltaE00(own, wantedLab(row));
  const use = (recipe: MixRecipe) => {
    if (
      apply({
        op: "changeLayer",
        id: layer.id,
        change: {
          ...withPaint(layer, choiceOf(recipe.parts), context.products),
          target: row.wanted,
        },
      })
    )
      toast(`${layer.name}: ${recipeWords(recipe.parts, context.products)}`, {
        action: { label: "Undo", onClick: undo },
      });
  };
  const wish = (hex: string) => {
    if (/^#[0-9a-f]{6}$/i.test(hex))
      apply({ op: "changeLayer", id: layer.id, change: { target: hex.toLowerCase() } });
  };
  return (
    <tr className="border-b rule align-top">
      <th scope="row" className="px-2 py-2 text-left">
        <span className="block font-bold">{layer.name}</span>
        <span className="muted block text-xs font-normal">{layer.role}</span>
        {row.hiddenBy && (
          <span className="block text-xs font-normal">not seen any more: under {row.hiddenBy}</span>
        )}
      </th>
      <td className="px-2 py-2">
        <label className="flex items-center gap-2">
          <span className="rounded bg-surround p-0.5">
            <input
              type="color"
              aria-label={`Colour wanted for ${layer.name}`}
              value={row.wanted}
              onChange={(event) => wish(event.target.value)}
              className="h-8 w-9 cursor-pointer"
            />
          </span>
          <span>{colourWords(hexToLab(row.wanted))}</span>
        </label>
        {layer.target && (
          <button
            type="button"
            className="link text-xs"
            onClick={() => apply({ op: "changeLayer", id: layer.id, change: { target: null } })}
          >
            as painted
          </button>
        )}
      </td>
      <td className="px-2 py-2">
        <span className="flex gap-2">
          <Swatch
            hex={hexOf(row.seen)}
            size={34}
            label={`as it lies: ${colourWords(hexToLab(hexOf(row.seen)))}`}
          />
          <span>
            <span className="block">
              {layer.paint.kind === "material"
                ? "not matched yet"
                : paintWords(layer, context.products)}
            </span>
            {off !== null && (
              <span className="muted block text-xs">{differenceWords(off, say)}</span>
            )}
          </span>
        </span>
      </td>
      <td className="px-2 py-2 whitespace-nowrap">
        {cover ? `${cover.coats}${cover.covers ? "" : ", ground shows"}` : ""}
      </td>
      <td className="px-2 py-2 whitespace-nowrap">
        <Swatch
          hex={row.wetHex}
          size={28}
          label={`wet: ${row.wetHex ? `${colourWords(hexToLab(row.wetHex))}, ${row.wetHex}` : ""}`}
        />{" "}
        <Swatch
          hex={labToHex(own)}
          size={28}
          label={`dry: ${colourWords(own)}, ${labToHex(own)}`}
        />
      </td>
      <Offer
        row={row}
        recipe={match?.single ?? null}
        waiting={!match && row.candidates.length > 0}
        onUse={use}
      />
      <Offer
        row={row}
        recipe={match?.mix ?? null}
        waiting={!match?.done && row.candidates.length > 1}
        onUse={use}
      />
      <td className="px-2 py-2">
        <button
          type="button"
          className="btn btn-sm"
          onClick={onBench}
          aria-label={`${layer.name} on the bench`}
        >
          Bench
        </button>
      </td>
    </tr>
  );
}

function Offer({
  row,
  recipe,
  waiting,
  onUse,
}: {
  row: ColourRow;
  recipe: MixRecipe | null;
  waiting: boolean;
  onUse: (recipe: MixRecipe) => void;
}) {
  const { context, prediction } = useWorking();
  const say = useSay();
  if (!recipe)
    return (
      <td className="px-2 py-2 text-xs">
        <span className="muted">{waiting ? "looking" : "nothing fits here"}</span>
      </td>
    );
  const optics = opticsOf(recipe.parts, context.products);
  const now = prediction.coats.get(row.layer.id)?.coats ?? 1;
  const { coats } = optics
    ? resolveCoats(
        row.layer,
        context.products.get(recipe.parts[0]?.id ?? "")?.material ?? row.material,
        optics,
        row.grounds,
      )
    : { coats: now };
  const grams = (layerGrams(row.layer, context, prediction) / now) * coats;
  const whole = recipe.parts.reduce((sum, { parts }) => sum + parts, 0);
  const current = recipeOf(row.layer, context.products);
  const inUse =
    current.length === recipe.parts.length &&
    recipe.parts.every(({ id, parts }) =>
      current.some(
        ({ product, parts: n }) => product.id === id && (recipe.parts.length === 1 || n === parts),
      ),
    );
  return (
    <td className="px-2 py-2">
      <div className="flex gap-2">
        <Swatch hex={labToHex(recipe.lab)} size={34} />
        <span className="min-w-0">
          <span className="block">{recipeWords(recipe.parts, context.products)}</span>
          <span className="muted block text-xs">
            {differenceWords(recipe.deltaE, say)} · {coats} {plural(coats, "coat")} ·{" "}
            {batchWords(
              recipe.parts.map(({ parts }) => (grams * parts) / whole),
              say,
            )}
          </span>
          {inUse ? (
            <span className="text-xs font-bold">in use</span>
          ) : (
            <button type="button" className="btn btn-sm mt-1" onClick={() => onUse(recipe)}>
              Use
            </button>
          )}
        </span>
      </div>
    </td>
  );
}

/** The bench with a layer's paint in the pan and what lies below it as the ground. */
function LayerBench({ row }: { row: ColourRow }) {
  const { context, given, apply, undo } = useWorking();
  const { layer } = row;
  const start = recipeOf(layer, context.products).map(({ product, parts }): BenchPart => ({
    productId: product.id,
    parts,
  }));
  const put = (parts: readonly BenchPart[], target: string | null) => {
    if (
      apply({
        op: "changeLayer",
        id: layer.id,
        change: {
          ...withPaint(
            layer,
            choiceOf(parts.map(({ productId, parts: n }) => ({ id: productId, parts: n }))),
            context.products,
          ),
          target,
        },
      })
    )
      toast(`${layer.name} is painted with it`, { action: { label: "Undo", onClick: undo } });
  };
  return (
    <Bench
      products={given.products}
      start={start}
      target={layer.target}
      grounds={[
        { key: "below", label: "what lies below", hex: hexOf(row.ground) },
        { key: "skin", label: `${context.person.name}'s skin`, hex: context.person.skin },
        { key: "white", label: "white card", hex: "#f4f4f3" },
        { key: "black", label: "black card", hex: "#1c1c1c" },
      ]}
      actions={(parts, target) => (
        <>
          <button type="button" className="btn btn-primary" onClick={() => put(parts, target)}>
            Paint {layer.name} with it
          </button>
          <SaveMix parts={parts} target={target} />
        </>
      )}
    />
  );
}

/** How many coats hide this brow under this base (BROW-3). */
function BrowPanel() {
  const say = useSay();
  const { look, context, apply, undo } = useWorking();
  const cover = useMemo(() => browCover(look, context), [look, context]);
  if (!cover) return null;
  return (
    <section aria-label="Brows">
      <h3 className="mb-2 text-xl">Brows under this base</h3>
      <p className="text-sm">
        <Swatch hex={context.person.brow} size={28} /> {browCoverWords(cover)}{" "}
        <span className="muted">
          Beside the base: {differenceWords(cover.deltaE, say)}; as the layers below are now. BROW-3
        </span>
      </p>
      {cover.fix && (
        <button
          type="button"
          className="btn btn-sm mt-2"
          onClick={() => {
            if (cover.fix && apply(cover.fix))
              toast("The brow cover is laid", { action: { label: "Undo", onClick: undo } });
          }}
        >
          Lay it under the base
        </button>
      )}
    </section>
  );
}
