"use client";

import { memo } from "react";
import {
  isPaintType,
  material,
  MATERIAL_KEYS,
  type MaterialKey,
  type Mix,
  type Product,
} from "@/core/paint";
import { withPaint, type Layer, type LookPatch, type PaintChoice } from "@/core/look";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { NumberInput } from "@/ui/NumberInput";
import { Field } from "@/ui/Field";
import { Swatch } from "@/ui/Swatch";

const NO_MIXES: readonly Mix[] = [];

const Options = memo(function Options({
  products,
  loose,
  mixes = NO_MIXES,
}: {
  products: readonly Product[];
  loose: boolean;
  mixes?: readonly Mix[];
}) {
  const kinds = MATERIAL_KEYS.filter((key) => products.some((product) => product.material === key));
  return (
    <>
      {mixes.length > 0 && (
        <optgroup label="Saved mixes">
          {mixes.map((mix) => (
            <option key={mix.id} value={`mix:${mix.id}`}>
              {mix.name}
            </option>
          ))}
        </optgroup>
      )}
      {kinds.map((key) => (
        <optgroup key={key} label={material(key).label}>
          {products
            .filter((product) => product.material === key)
            .map((product) => (
              <option key={product.id} value={product.id}>
                {product.name}
              </option>
            ))}
        </optgroup>
      ))}
      {loose && (
        <optgroup label="No product chosen">
          {MATERIAL_KEYS.filter((key) => !isPaintType(key)).map((key) => (
            <option key={key} value={`any:${key}`}>
              any {material(key).label}
            </option>
          ))}
        </optgroup>
      )}
    </>
  );
});

/** What an entry of the list stands for. */
function chosen(value: string, mixes: readonly Mix[]): PaintChoice {
  if (value.startsWith("any:"))
    return { kind: "material", material: value.slice(4) as MaterialKey };
  const mix = mixes.find(({ id }) => `mix:${id}` === value);
  return mix
    ? { kind: "mix", parts: mix.parts.map((part) => ({ ...part })), mixId: mix.id }
    : { kind: "product", productId: value };
}

/** One product, or a mix of several in whole parts. */
export function PaintPicker({
  layer,
  apply,
}: {
  layer: Layer;
  apply: (patch: LookPatch) => boolean;
}) {
  const { given, context } = useWorking();
  const { paint } = layer;
  const change = (next: PaintChoice) =>
    apply({ op: "changeLayer", id: layer.id, change: withPaint(layer, next, context.products) });
  const firstParts =
    paint.kind === "mix"
      ? paint.parts
      : [
          {
            productId: paint.kind === "product" ? paint.productId : (given.products[0]?.id ?? ""),
            parts: 3,
          },
        ];
  if (paint.kind !== "mix") {
    const value = paint.kind === "product" ? paint.productId : `any:${paint.material}`;
    return (
      <div>
        <div className="flex items-end gap-2">
          <Swatch
            hex={
              paint.kind === "product"
                ? (context.products.get(paint.productId)?.colour ?? null)
                : null
            }
            size={40}
          />
          <Field label="Paint" className="flex-1">
            <select
              className="select"
              value={value}
              onChange={(event) => change(chosen(event.target.value, given.mixes))}
            >
              <Options products={given.products} mixes={given.mixes} loose />
            </select>
          </Field>
        </div>
        {paint.kind === "product" && given.products.length > 1 && (
          <button
            type="button"
            className="btn btn-ghost btn-sm mt-1"
            onClick={() =>
              change({
                kind: "mix",
                parts: [
                  ...firstParts,
                  {
                    productId:
                      given.products.find(
                        (product) =>
                          product.id !== paint.productId &&
                          product.material === context.products.get(paint.productId)?.material,
                      )?.id ??
                      given.products[0]?.id ??
                      "",
                    parts: 1,
                  },
                ],
              })
            }
          >
            Mix it with another
          </button>
        )}
      </div>
    );
  }
  const put = (i: number, part: Partial<(typeof firstParts)[number]>) =>
    change({
      kind: "mix",
      parts: paint.parts.map((old, k) => (k === i ? { ...old, ...part } : old)),
    });
  const without = (i: number) => {
    const rest = paint.parts.filter((_, k) => k !== i);
    change(
      rest.length > 1
        ? { kind: "mix", parts: rest }
        : { kind: "product", productId: rest[0]?.productId ?? "" },
    );
  };
  return (
    <fieldset>
      <legend className="label-line mb-1">
        {given.mixes.find(({ id }) => id === paint.mixId)?.name ?? "Mix"}, in parts
      </legend>
      {paint.parts.map((part, i) => (
        <div key={i} className="mb-1.5 flex items-center gap-2">
          <Swatch hex={context.products.get(part.productId)?.colour ?? null} size={34} />
          <NumberInput
            least={1}
            most={20}
            whole
            label={`Parts of product ${i + 1}`}
            className="!w-18 shrink-0"
            value={part.parts}
            onChange={(parts) => put(i, { parts })}
          />
          <select
            aria-label={`Product ${i + 1} of the mix`}
            className="select min-w-0 flex-1"
            value={part.productId}
            onChange={(event) => put(i, { productId: event.target.value })}
          >
            <Options products={given.products} loose={false} />
          </select>
          <button
            type="button"
            className="btn btn-ghost btn-sm px-2"
            aria-label={`Take product ${i + 1} out of the mix`}
            onClick={() => without(i)}
          >
            ×
          </button>
        </div>
      ))}
      {paint.parts.length < 5 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() =>
            change({
              kind: "mix",
              parts: [...paint.parts, { productId: given.products[0]?.id ?? "", parts: 1 }],
            })
          }
        >
          One more
        </button>
      )}
    </fieldset>
  );
}
