"use client";

import { Printer } from "lucide-react";
import { useState } from "react";
import { hexToLab, reflectanceFromLab, deltaE00, masstoneLab } from "@/core/colour";
import { material, recipeOptics, type Mix, type Product } from "@/core/paint";
import type { Person } from "@/core/people";
import { Coats } from "@/shared/mixing/Coats";
import { unitOf } from "@/core/text/measures";
import { MeasureInput } from "@/shared/forms/MeasureInput";
import { useSay } from "@/shared/say/useSay";
import { Page } from "@/ui/Page";
import { PutAway } from "@/ui/PutAway";
import { Swatch } from "@/ui/Swatch";

/** A saved mix to work from: parts, the weight of each in a batch, and how it lies on each skin. Printable. */
export function MixCard({
  mix,
  products,
  people,
}: {
  mix: Mix;
  products: readonly Product[];
  people: readonly Person[];
}) {
  const say = useSay();
  const [batch, setBatch] = useState(10);
  const byId = new Map(products.map((product) => [product.id, product]));
  const parts = mix.parts.flatMap(({ productId, parts: n }) => {
    const product = byId.get(productId);
    return product ? [{ product, parts: n }] : [];
  });
  const optics = parts.length ? recipeOptics(parts) : null;
  const whole = parts.reduce((sum, part) => sum + part.parts, 0);
  const target = mix.target ? hexToLab(mix.target) : null;
  return (
    <Page
      title={mix.name}
      lead={
        target && optics
          ? `Mixed to match a colour; difference ${deltaE00(masstoneLab(optics), target).toFixed(1)}.`
          : "A mix by parts."
      }
      action={
        <div className="no-print flex gap-2">
          <button type="button" className="btn btn-primary" onClick={() => window.print()}>
            <Printer size={18} aria-hidden />
            Print the card
          </button>
          <PutAway url={`/api/mixes/${mix.id}/archived`} name={mix.name} then="/mixing" />
        </div>
      }
    >
      <label className="no-print mb-3 flex items-center gap-2 text-sm">
        Batch
        <MeasureInput
          measure="mass"
          className="!w-24"
          least={1}
          most={500}
          value={batch}
          onChange={setBatch}
        />
        {unitOf("mass", say.manner.units).sign}
      </label>
      <table className="mb-5 w-full max-w-xl text-sm">
        <caption className="sr-only">Parts of the mix</caption>
        <thead>
          <tr className="border-b-2 border-base-content text-left">
            <th scope="col" className="py-1.5">
              Paint
            </th>
            <th scope="col" className="text-right">
              Parts
            </th>
            <th scope="col" className="text-right">
              In {say.mass(batch)}
            </th>
          </tr>
        </thead>
        <tbody>
          {parts.map(({ product, parts: n }) => (
            <tr key={product.id} className="border-b rule">
              <th scope="row" className="flex items-center gap-3 py-1.5 text-left font-semibold">
                <Swatch hex={product.colour} size={30} />
                <span>
                  {product.name}
                  <span className="muted block text-xs font-normal">
                    {material(product.material).label}
                    {product.maker && `, ${product.maker}`}
                  </span>
                </span>
              </th>
              <td className="text-right text-lg font-bold">{n}</td>
              <td className="text-right">{say.mass((batch * n) / whole)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {optics && (
        <div className="grid gap-4 md:grid-cols-2">
          {people.slice(0, 6).map((person) => (
            <div key={person.id} className="keep">
              <h2 className="mb-1 text-base">On {person.name}</h2>
              <Coats
                optics={optics}
                ground={reflectanceFromLab(hexToLab(person.skin))}
                groundName="bare skin"
                lamp="D65"
                target={target}
              />
            </div>
          ))}
        </div>
      )}
      {mix.notes && <p className="mt-4">{mix.notes}</p>}
    </Page>
  );
}
