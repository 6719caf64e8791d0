"use client";

import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import {
  packingList,
  planKit,
  substitutes,
  wantedColours,
  withinBudget,
  type KitLine,
  type KitPlan,
  type PaletteChoice,
} from "@/core/kit";
import { applyPatch, maySwap, replaceProduct, type LookPatch } from "@/core/look";
import { allNeeded } from "@/core/plan";
import { houseOf } from "@/core/rules";
import { PackingCard } from "@/shared/palettes/PackingCard";
import { SuggestedPalette } from "@/shared/palettes/SuggestedPalette";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { Swatch } from "@/ui/Swatch";

/** What a look takes against the shelf, the palette for it with the fewest pans, and what to pack. */
export function KitChapter() {
  const say = useSay();
  const { look, given, jobId, plan, fresh, context, apply } = useWorking();
  const [within, products] = [given.house, given.products];
  const wishes = useMemo(() => wantedColours(look, context, products), [look, context, products]);
  const packing = useMemo(
    () => packingList([{ look, context, needs: allNeeded(look, context) }]),
    [look, context],
  );
  const kit = useMemo(
    () =>
      plan &&
      planKit(
        [
          {
            jobId,
            name: look.name,
            on: given.brief.curtainAt?.slice(0, 10) ?? null,
            needs: plan.kit,
          },
        ],
        new Map(Object.entries(given.stock)),
        context.products,
        houseOf(within.changes, within.version).numbers.leadDays,
      ),
    [plan, jobId, look.name, given.brief.curtainAt, given.stock, context.products, within],
  );
  if (!look.layers.length)
    return (
      <div className="p-6">
        <Empty title="Nothing to lay out yet">
          <p>The palette follows from the layers: put a base and what goes over it on the map.</p>
          <Link className="btn btn-primary" href={`/looks/${given.look.id}/${jobId}/map`}>
            To the map
          </Link>
        </Empty>
      </div>
    );
  const putMixes = (choice: PaletteChoice) => {
    const patches = choice.colours
      .filter(({ asNow }) => !asNow)
      .flatMap(({ layers, made }): LookPatch[] =>
        layers.map((id) => ({
          op: "changeLayer",
          id,
          change: {
            paint:
              made.parts.length === 1 && made.parts[0]
                ? { kind: "product", productId: made.parts[0].id }
                : {
                    kind: "mix",
                    parts: made.parts.map(({ id: productId, parts }) => ({ productId, parts })),
                  },
          },
        })),
      );
    if (patches.length && apply({ op: "several", patches }))
      toast(
        `${patches.length === 1 ? "One layer is" : `${patches.length} layers are`} painted from the palette now`,
      );
  };
  const alarms = plan?.kit.filter(({ expired }) => expired) ?? [];
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6" aria-busy={!fresh}>
      <div className="grid items-start gap-5 xl:grid-cols-2">
        <section aria-label="Against the shelf" className="card-plain p-4">
          <h2 className="text-xl">Against the shelf</h2>
          {!kit ? (
            <p role="status">Adding it up …</p>
          ) : (
            <>
              <p className="text-sm">
                Paint for {say.money(kit.costMinor)}
                {kit.buyMinor > 0 && (
                  <>
                    ; <strong>to buy for {say.money(kit.buyMinor)}</strong>
                  </>
                )}
                .
                {alarms.length > 0 && (
                  <strong> Past its date: {alarms.map(({ name }) => name).join(", ")}.</strong>
                )}
              </p>
              {given.brief.budgetMinor !== null && (
                <WithinBudget kit={kit} budgetMinor={given.brief.budgetMinor} />
              )}
              <ul aria-label="Takes">
                {kit.lines.map((line) => (
                  <Line key={line.productId ?? line.material} line={line} />
                ))}
              </ul>
              <p className="muted mt-1 text-xs">
                Skin area times dry film a coat, times coats, with what stays in the tool. What was
                used is written down in{" "}
                <Link className="link" href="/shelf/planning">
                  Planning
                </Link>{" "}
                or the chapter Record.
              </p>
            </>
          )}
        </section>
        <section aria-label="Fewest pans" className="card-plain p-4">
          <h2 className="mb-2 text-xl">The palette with the fewest pans</h2>
          <SuggestedPalette
            wishes={wishes}
            products={products}
            name={`${look.name.slice(0, 70)} palette`}
            jobId={given.job?.id ?? null}
            actions={(choice) =>
              choice.colours.some(({ asNow }) => !asNow) && (
                <button type="button" className="btn" onClick={() => putMixes(choice)}>
                  Paint the look from it
                </button>
              )
            }
          />
          {given.palettes.length > 0 && (
            <p className="mt-3 text-sm">
              Laid out for this job:{" "}
              {given.palettes.map((palette, i) => (
                <span key={palette.id}>
                  {i > 0 && ", "}
                  <Link className="link font-semibold" href={`/shelf/palettes/${palette.id}`}>
                    {palette.name}
                  </Link>
                </span>
              ))}
              .
            </p>
          )}
        </section>
      </div>
      <PackingCard lists={[packing]} title="To pack" />
    </div>
  );
}

/** What may be spent, and what would be done otherwise to keep to it. */
function WithinBudget({ kit, budgetMinor }: { kit: KitPlan; budgetMinor: number }) {
  const say = useSay();
  const { look, given, context, apply } = useWorking();
  const budget = useMemo(
    () =>
      withinBudget(
        kit,
        budgetMinor,
        given.products,
        new Map(Object.entries(given.stock)),
        (product, from) => maySwap(look, context, from, product),
      ),
    [kit, budgetMinor, given.products, given.stock, look, context],
  );
  const { overMinor, swaps, afterMinor } = budget;
  if (overMinor <= 0)
    return (
      <p className="mt-1 text-sm">
        Within {say.money(budgetMinor)}: {say.money(-overMinor)} left.
      </p>
    );
  const use = () => {
    const next = swaps.reduce(
      (now, { from, to }) =>
        applyPatch(now, {
          op: "several",
          patches: replaceProduct(now, from.id, to.product.id),
        }),
      look,
    );
    const patches = next.layers.flatMap((layer, i): LookPatch[] =>
      layer === look.layers[i]
        ? []
        : [{ op: "changeLayer", id: layer.id, change: { paint: layer.paint } }],
    );
    if (apply({ op: "several", patches })) toast(`To buy for ${say.money(afterMinor)} now`);
  };
  return (
    <section
      aria-label="Within the budget"
      className="my-2 border-l-4 border-base-content py-1 pl-3"
    >
      <p className="text-sm">
        <strong>{say.money(overMinor)} over the budget</strong> of {say.money(budgetMinor)}.{" "}
        {swaps.length === 0
          ? "Nothing on the shelf stands in for what is short in its own tone."
          : afterMinor <= budgetMinor
            ? `Within ${say.money(budgetMinor)}:`
            : `Down to ${say.money(afterMinor)}, no further:`}
      </p>
      <ul className="text-sm">
        {swaps.map(({ from, to, savesMinor }) => (
          <li key={from.id}>
            {to.product.name} for {from.name} saves {say.money(savesMinor)}{" "}
            <span className="muted">
              (<Told>{to.words}</Told>)
            </span>
          </li>
        ))}
      </ul>
      {swaps.length > 0 && (
        <button type="button" className="btn btn-sm mt-1" onClick={use}>
          {swaps.length === 1 ? "Use it" : "Use these"}
        </button>
      )}
    </section>
  );
}

/** One product: what it takes, what is there, and what can be done where it is short. */
function Line({ line }: { line: KitLine }) {
  const say = useSay();
  const { look, given, context, apply } = useWorking();
  const product = line.productId ? context.products.get(line.productId) : undefined;
  const short = line.missing > 0.005;
  const offered = useMemo(
    () =>
      product && short
        ? substitutes(
            product,
            given.products,
            new Map(Object.entries(given.stock)),
            line.grams,
            (other) => maySwap(look, context, product, other),
          ).slice(0, 4)
        : [],
    [product, short, given.products, given.stock, line.grams, look, context],
  );
  const [picked, setPicked] = useState("");
  const other = offered.find((entry) => entry.product.id === picked) ?? offered[0];
  const putIn = () => {
    if (
      other &&
      product &&
      apply({ op: "several", patches: replaceProduct(look, product.id, other.product.id) })
    )
      toast(`${other.product.name} in the place of ${product.name}`);
  };
  return (
    <li className="border-t rule py-1.5 text-sm">
      <span className="flex flex-wrap items-center gap-x-3">
        <Swatch hex={product?.colour ?? null} size={26} />
        {line.productId ? (
          <Link className="link min-w-36 flex-1 font-semibold" href={`/shelf/${line.productId}`}>
            {line.name}
          </Link>
        ) : (
          <span className="min-w-36 flex-1 font-semibold">{line.name}</span>
        )}
        <span>
          {say.mass(line.grams)} of {line.productId ? say.mass(line.left) : "none chosen"}
        </span>
        <span className="w-20 text-right">{short ? <strong>short</strong> : "enough"}</span>
      </span>
      {short && line.pots > 0 && (
        <p className="pl-9">
          {line.pots === 1 ? "A pot" : `${line.pots} pots`} for {say.money(line.buyMinor)}
          {line.orderBy && (
            <>
              ,{" "}
              {line.orderBy < given.today ? (
                <strong>should have been ordered by {say.day(line.orderBy)}</strong>
              ) : (
                `order by ${say.day(line.orderBy)}`
              )}
            </>
          )}
          .
        </p>
      )}
      {other && (
        <p className="flex flex-wrap items-center gap-2 pl-9">
          or{" "}
          <select
            aria-label={`In the place of ${line.name}`}
            className="select select-sm !w-48"
            value={other.product.id}
            onChange={(event) => setPicked(event.target.value)}
          >
            {offered.map((entry) => (
              <option key={entry.product.id} value={entry.product.id}>
                {entry.product.name}
              </option>
            ))}
          </select>
          <button type="button" className="btn btn-sm" onClick={putIn}>
            Put it in
          </button>
          <span className="muted">
            <Told>{other.words}</Told>
          </span>
        </p>
      )}
    </li>
  );
}
