"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { boughtOf, gramPrice, sizesOf, type Movement } from "@/core/kit";
import type { Product } from "@/core/paint";

/** What was paid for a product, purchase by purchase with its batch, and which size is the cheaper gram. */
export function Prices({
  product,
  ledger,
  shelf,
}: {
  product: Product;
  ledger: readonly Movement[];
  shelf: readonly Product[];
}) {
  const say = useSay();
  const bought = boughtOf(ledger);
  const sizes = sizesOf(product, shelf);
  const first = bought[0];
  const now = gramPrice(product, bought);
  const rise = first && bought.length > 1 ? now / (first.priceMinor / first.grams) - 1 : null;
  return (
    <section aria-label="Prices" className="card-plain p-4 text-sm sm:p-5">
      <h2 className="text-lg">Prices: {say.money(now)} a gram</h2>
      {bought.length === 0 ? (
        <p className="muted">
          By the price on the shelf. What is bought with its price in its history is told here.
        </p>
      ) : (
        <>
          {rise !== null && Math.abs(rise) >= 0.01 && (
            <p>
              {rise > 0 ? "Dearer" : "Cheaper"} by {Math.round(Math.abs(rise) * 100)} % since{" "}
              {say.day(first?.on ?? "")}.
            </p>
          )}
          <table className="w-full">
            <thead>
              <tr className="border-b-2 border-base-content text-left">
                <th scope="col">When</th>
                <th scope="col" className="text-right">
                  Bought
                </th>
                <th scope="col" className="text-right">
                  For
                </th>
                <th scope="col" className="text-right">
                  A gram
                </th>
                <th scope="col" className="pl-4">
                  Batch
                </th>
              </tr>
            </thead>
            <tbody>
              {bought.toReversed().map(({ on, grams, priceMinor, batch }, i) => (
                <tr key={`${on} ${i}`} className="border-b rule">
                  <td className="py-1">{on}</td>
                  <td className="text-right">{say.mass(grams)}</td>
                  <td className="text-right">{say.money(priceMinor)}</td>
                  <td className="text-right">{say.money(priceMinor / grams)}</td>
                  <td className="pl-4">{batch}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      {sizes.length > 0 && (
        <p className="mt-2">
          In other sizes:{" "}
          {sizes.map(({ product: other, perGram, dearer }, i) => (
            <span key={other.id}>
              {i > 0 && "; "}
              {other.id === product.id ? (
                <strong>this one</strong>
              ) : (
                <Link className="link" href={`/shelf/${other.id}`}>
                  {other.name}
                </Link>
              )}
              , {say.money(perGram)} a gram
              {dearer > 0.005 && `, ${Math.round(dearer * 100)} % more`}
            </span>
          ))}
          .
        </p>
      )}
    </section>
  );
}
