"use client";

import { useSay } from "@/shared/say/useSay";
import { Select } from "@/ui/Select";
import { keysOf } from "@/core/keysOf";
import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import {
  gapsIn,
  GAP_DE,
  inSwatchOrder,
  nearDuplicates,
  SWATCH_ORDERS,
  type SwatchOrder,
} from "@/core/kit";
import { material } from "@/core/paint";
import { useShelf } from "@/shared/shelf/useShelf";
import type { ShelfStart } from "@/server/shelf";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { Swatch } from "@/ui/Swatch";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";

/** Swatches and pairs shown at once. */
const [A_PAGE, MOST_PAIRS] = [240, 30];

/** Every colour on the shelf, ordered for the eye, with what is missing in the range and what is there twice. */
export function SwatchBook({ start }: { start: ShelfStart }) {
  const say = useSay();
  const { items } = useShelf(start);
  const [shown, setShown] = useState(A_PAGE);
  const [order, setOrder] = useState<SwatchOrder>("hue");
  const [target, setTarget] = useState("#5b6f38");
  const swatches = useMemo(() => inSwatchOrder(items, order, target), [items, order, target]);
  const [gaps, pairs] = useMemo(() => [gapsIn(items), nearDuplicates(items)], [items]);
  if (!swatches.length)
    return (
      <Page title="Shelf">
        <ShelfTabs />
        <Empty title="No colour on the shelf">
          <p>Add paints and their colours lie here side by side.</p>
          <Link className="btn btn-primary" href="/shelf/new">
            Add a product
          </Link>
        </Empty>
      </Page>
    );
  return (
    <Page title="Shelf" lead="Every colour there is, side by side.">
      <ShelfTabs />
      <div className="flex flex-wrap items-end gap-4">
        <label className="text-sm">
          <span className="label-line">Order</span>
          <Select
            className="!w-52"
            value={order}
            options={keysOf(SWATCH_ORDERS)}
            labelOf={(key) => SWATCH_ORDERS[key]}
            onChange={setOrder}
          />
        </label>
        {order === "nearest" && (
          <label className="text-sm">
            <span className="label-line">Colour looked for</span>
            <input
              type="color"
              className="h-10 w-16"
              value={target}
              onChange={(event) => setTarget(event.target.value)}
            />
          </label>
        )}
      </div>
      <ul
        aria-label="Swatches"
        className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-3"
      >
        {swatches.slice(0, shown).map(({ product, dE }) => (
          <li key={product.id} className="flex items-center gap-2 text-sm">
            <Swatch hex={product.colour} size={52} />
            <span className="min-w-0">
              <Link className="link block truncate font-semibold" href={`/shelf/${product.id}`}>
                {product.name}
              </Link>
              <span className="muted block truncate text-xs">
                {order === "nearest"
                  ? `colour difference ${say.number(dE, 1)}`
                  : material(product.material).label}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {swatches.length > shown && (
        <button type="button" className="btn mt-3" onClick={() => setShown(shown + A_PAGE)}>
          Show {Math.min(A_PAGE, swatches.length - shown)} more of {swatches.length}
        </button>
      )}
      <div className="mt-6 grid gap-5 lg:grid-cols-2">
        <section aria-label="Gaps" className="card-plain p-4">
          <h2 className="text-lg">Gaps in the range</h2>
          {gaps.length ? (
            <ul className="mt-1 text-sm">
              {gaps.map((gap) => (
                <li key={gap.name} className="flex items-center gap-2 border-t rule py-1">
                  <Swatch hex={gap.hex} size={24} />
                  No {gap.name} within a colour difference of {GAP_DE}
                  {gap.nearest && (
                    <span className="muted">
                      : the nearest is {gap.nearest.name}, {say.number(gap.dE, 0)} off
                    </span>
                  )}
                </li>
              ))}
            </ul>
          ) : (
            <p className="text-sm">Something near every part of the range is there.</p>
          )}
          <p className="muted mt-1 text-xs">
            What one looks for in a range; places typical of their names, from memory.
          </p>
        </section>
        <section aria-label="Near duplicates" className="card-plain p-4">
          <h2 className="text-lg">Near-duplicates</h2>
          {pairs.length ? (
            <ul className="mt-1 text-sm">
              {pairs.slice(0, MOST_PAIRS).map(({ a, b, dE }) => (
                <li key={a.id + b.id} className="flex items-center gap-2 border-t rule py-1">
                  <Swatch hex={a.colour} size={24} />
                  <Swatch hex={b.colour} size={24} />
                  {a.name} and {b.name} differ by {say.number(dE, 1)}
                </li>
              ))}
              {pairs.length > MOST_PAIRS && <li>and {pairs.length - MOST_PAIRS} more pairs</li>}
            </ul>
          ) : (
            <p className="text-sm">
              No two paints of one kind are so near that nobody tells them apart.
            </p>
          )}
        </section>
      </div>
    </Page>
  );
}
