"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useMemo, useState } from "react";
import { labToHex } from "@/core/colour";
import type { Pan } from "@/core/kit";
import type { Product } from "@/core/paint";
import { recipeWords } from "@/shared/mixing/words";
import type { Known } from "@/shared/palettes/panLook";
import { useReach } from "@/shared/palettes/usePaletteWorker";
import { Waiting } from "@/shared/workers/Waiting";
import { Swatch } from "@/ui/Swatch";

/** A place is reached where a mix comes as near as this. Common practice, no published source. */
const REACHED_DE = 6;

/** The paints with a colour that lie in some pans. */
function coloursIn(pans: readonly Pan[], products: Known): Product[] {
  const ids = new Set(pans.flatMap(({ parts }) => parts.map(({ productId }) => productId)));
  return [...ids].flatMap((id) => {
    const product = products.get(id);
    return product?.colour ? [product] : [];
  });
}

/** What the pans of a palette make with each other: half and half as a chart, and how far they come round the map of colour. */
export function Mixes({ pans, products }: { pans: readonly Pan[]; products: Known }) {
  const say = useSay();
  const used = useMemo(() => coloursIn(pans, products), [pans, products]);
  const answer = useReach(used);
  const reach = answer.fresh ? answer.value : null;
  const [shown, setShown] = useState<string | null>(null);
  if (used.length < 2) return null;
  if (!reach) return <Waiting answer={answer} doing="Mixing what lies in it" what="the mixes" />;
  const pair = new Map(
    reach.pairs.map((mix) => [
      mix.parts
        .map(({ id }) => id)
        .sort()
        .join("\u0000"),
      mix,
    ]),
  );
  const reached = reach.range.filter(({ made }) => made.dE <= REACHED_DE);
  const far = reach.range
    .filter(({ made }) => made.dE > REACHED_DE)
    .sort((a, b) => b.made.dE - a.made.dE);
  return (
    <div className="mt-6 grid items-start gap-5 lg:grid-cols-2">
      <section aria-label="Half and half" className="card-plain p-4">
        <h2 className="text-lg">Half and half</h2>
        <p className="min-h-6 text-sm" role="status">
          {shown ?? `${reach.mixes} colours by up to four parts. Point at one.`}
        </p>
        <div className="overflow-x-auto">
          <table className="mt-2 border-separate border-spacing-0.5 text-xs">
            <caption className="sr-only">
              What two paints of the palette make by equal parts
            </caption>
            <tbody>
              {used.map((row, i) => (
                <tr key={row.id}>
                  <th scope="row" className="pr-2 text-left font-normal whitespace-nowrap">
                    {row.name}
                  </th>
                  {used.slice(0, i + 1).map((column) => {
                    const mix =
                      row === column ? null : pair.get([row.id, column.id].sort().join("\u0000"));
                    const hex = row === column ? row.colour : mix ? labToHex(mix.lab) : null;
                    const words =
                      row === column
                        ? row.name
                        : `${row.name} and ${column.name}: ${hex ?? "do not mix"}`;
                    return (
                      <td key={column.id} className="p-0">
                        {hex ? (
                          <button
                            type="button"
                            aria-label={words}
                            title={words}
                            onClick={() => setShown(words)}
                            onMouseEnter={() => setShown(words)}
                            className={`block size-7 forced-color-adjust-none ${row === column ? "rounded-full" : ""}`}
                            style={{ background: hex }}
                          />
                        ) : (
                          <span
                            aria-hidden
                            className="muted flex size-7 items-center justify-center"
                          >
                            ·
                          </span>
                        )}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>
      <section aria-label="What it reaches" className="card-plain p-4 text-sm">
        <h2 className="text-lg">What it reaches</h2>
        <p>
          {reached.length} of {reach.range.length} places on the map of colour, within a colour
          difference of {REACHED_DE}.
        </p>
        {far.length > 0 && (
          <>
            <h3 className="mt-2 font-bold">Out of reach</h3>
            <ul>
              {far.slice(0, 8).map(({ name, hex, made }) => (
                <li key={name} className="flex items-center gap-2 border-t rule py-1">
                  <Swatch hex={hex} size={24} />
                  <span className="w-32 font-semibold">{name}</span>
                  <Swatch hex={labToHex(made.lab)} size={24} />
                  <span className="flex-1">{recipeWords(made.parts, products)}</span>
                  <span className="muted">colour difference {say.number(made.dE, 0)}</span>
                </li>
              ))}
            </ul>
          </>
        )}
        {reached.length > 0 && (
          <details className="mt-2">
            <summary className="cursor-pointer font-bold">What is reached, and how</summary>
            <ul>
              {reached.map(({ name, hex, made }) => (
                <li key={name} className="flex items-center gap-2 border-t rule py-1">
                  <Swatch hex={hex} size={24} />
                  <span className="w-32 font-semibold">{name}</span>
                  <span className="flex-1">{recipeWords(made.parts, products)}</span>
                  <span className="muted">colour difference {say.number(made.dE, 1)}</span>
                </li>
              ))}
            </ul>
          </details>
        )}
        <p className="muted mt-2 text-xs">
          Places typical of their names, from memory. For one colour in particular:{" "}
          <Link className="link" href="/mixing">
            the mixing bench
          </Link>
          .
        </p>
      </section>
    </div>
  );
}
