import { X } from "lucide-react";
import type { Product } from "@/core/paint";
import { NumberInput } from "@/ui/NumberInput";
import { Swatch } from "@/ui/Swatch";

/** As many parts as the slider has room for; more are typed. */
const MOST_PARTS = 12;

/** What lies in the pan, each with its parts. */
export function PanRows({
  inPan,
  isWet,
  onParts,
  onOut,
}: {
  inPan: readonly { readonly product: Product; readonly parts: number }[];
  isWet: boolean;
  onParts: (productId: string, parts: number) => void;
  onOut: (productId: string) => void;
}) {
  return (
    <ul className="flex flex-col gap-1.5">
      {inPan.map(({ product, parts }) => (
        <li key={product.id} className="flex items-center gap-3">
          <Swatch hex={isWet ? (product.wetColour ?? product.colour) : product.colour} size={34} />
          <span className="w-36 min-w-0 truncate text-sm font-semibold" title={product.name}>
            {product.name}
          </span>
          <input
            type="range"
            className="range range-sm min-w-20 flex-1"
            min={1}
            max={MOST_PARTS}
            value={parts}
            aria-label={`Parts of ${product.name}`}
            onChange={(event) => onParts(product.id, Number(event.target.value))}
          />
          <NumberInput
            className="input-sm !w-16"
            least={1}
            most={20}
            whole
            value={parts}
            label={`Parts of ${product.name}, typed`}
            onChange={(n) => onParts(product.id, n)}
          />
          <button
            type="button"
            className="btn btn-ghost btn-sm px-2"
            aria-label={`Take ${product.name} out of the pan`}
            onClick={() => onOut(product.id)}
          >
            <X size={16} aria-hidden />
          </button>
        </li>
      ))}
    </ul>
  );
}
