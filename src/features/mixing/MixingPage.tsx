"use client";

import { Link } from "@/ui/Link";
import { useRouter, useSearchParams } from "next/navigation";
import { hexToLab, individualTypologyAngle, itaClass, labToHex, masstoneLab } from "@/core/colour";
import { recipeOptics, type Mix, type Product } from "@/core/paint";
import type { Person } from "@/core/people";
import { Bench } from "@/shared/mixing/Bench";
import { recipeWords } from "@/shared/mixing/words";
import { useShelf } from "@/shared/shelf/useShelf";
import type { ShelfStart } from "@/server/shelf";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { Swatch } from "@/ui/Swatch";
import { SaveMix } from "@/shared/mixing/SaveMix";

interface MixingPageProps {
  start: ShelfStart;
  people: readonly Person[];
  mixes: readonly Mix[];
}

export const mixHex = (
  mix: Pick<Mix, "parts">,
  byId: ReadonlyMap<string, Product>,
): string | null => {
  const parts = mix.parts.flatMap(({ productId, parts: n }) => {
    const product = byId.get(productId);
    return product ? [{ product, parts: n }] : [];
  });
  const optics = parts.length ? recipeOptics(parts) : null;
  return optics && labToHex(masstoneLab(optics));
};

/** The mixing bench by itself, with the mixes that were kept. */
export function MixingPage({ start, people, mixes }: MixingPageProps) {
  const { items: products } = useShelf(start);
  const asked = useSearchParams();
  const router = useRouter();
  const byId = new Map(products.map((product) => [product.id, product]));
  const opened = mixes.find(({ id }) => id === asked.get("mix"));
  const grounds = [
    ...people.map((person) => ({
      key: `person:${person.id}`,
      label: `${person.name}, ${itaClass(individualTypologyAngle(hexToLab(person.skin)))} skin`,
      hex: person.skin,
    })),
    ...products
      .filter((product) => product.colour && product.hiding > 0.5)
      .slice(0, 30)
      .map((product) => ({
        key: product.id,
        label: product.name,
        hex: product.colour ?? "#808080",
      })),
    { key: "white", label: "white card", hex: "#f4f4f3" },
    { key: "black", label: "black card", hex: "#1c1c1c" },
  ];
  const wanted = asked.get("target");
  return (
    <Page
      title="Mixing"
      lead="Try parts by hand, or ask for a colour; see it in coats on a skin before a brush is wet."
    >
      {products.length === 0 ? (
        <Empty title="Nothing to mix yet">
          <p>The bench mixes what stands on the shelf.</p>
          <Link className="btn btn-primary" href="/shelf">
            To the shelf
          </Link>
        </Empty>
      ) : (
        <Bench
          key={opened?.id ?? wanted ?? ""}
          products={products}
          grounds={grounds}
          start={opened?.parts ?? []}
          target={opened?.target ?? (wanted && /^#[0-9a-f]{6}$/i.test(wanted) ? wanted : null)}
          actions={(parts, target) => <SaveMix parts={parts} target={target} />}
        />
      )}
      <section className="mt-8" aria-label="Saved mixes">
        <h2 className="mb-2 text-xl">Saved mixes</h2>
        {mixes.length === 0 ? (
          <p className="muted text-sm">
            None yet. What you save here can be chosen for any layer of a look.
          </p>
        ) : (
          <ul className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
            {mixes.map((mix) => (
              <li key={mix.id} className="card-plain flex items-center gap-3 p-3">
                <Swatch hex={mixHex(mix, byId)} size={44} />
                <span className="min-w-0 flex-1">
                  <Link href={`/mixing/${mix.id}`} className="link block font-semibold">
                    {mix.name}
                  </Link>
                  <span className="muted block text-xs">
                    {recipeWords(
                      mix.parts.map(({ productId, parts }) => ({ id: productId, parts })),
                      byId,
                    )}
                  </span>
                </span>
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() => router.push(`/mixing?mix=${mix.id}`)}
                >
                  To the bench
                </button>
              </li>
            ))}
          </ul>
        )}
      </section>
    </Page>
  );
}
