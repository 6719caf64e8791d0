import { createColumnHelper } from "@tanstack/react-table";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { hexToLab, hueAngle } from "@/core/colour";
import { isGrey } from "@/core/kit";
import { ALLERGENS, GRADES, material, isProp } from "@/core/paint";
import type { ShelfItem } from "@/server/shelf";
import { Swatch } from "@/ui/Swatch";

const make = createColumnHelper<ShelfItem>();

/** Greys are kept together; others go by twelfths of the circle, each called by what painters mostly find there. From memory. */
const FAMILIES = [
  "red",
  "orange",
  "ochre and brown",
  "yellow",
  "yellow green",
  "green",
  "green",
  "turquoise",
  "blue",
  "blue",
  "violet",
  "pink",
] as const;
export function colourFamily(hex: string | null): string {
  if (!hex) return "no colour";
  const lab = hexToLab(hex);
  return isGrey(lab)
    ? "white, grey and black"
    : (FAMILIES[Math.floor((((hueAngle(lab) % 360) + 360) % 360) / 30)] ?? "no colour");
}

/** How old a pot is, as one sorts them out. */
export const ageOf = (item: ShelfItem): string =>
  item.expiry?.past
    ? "past its date"
    : item.openedOn
      ? `opened in ${item.openedOn.slice(0, 4)}`
      : "not opened";

const TEXTS = new WeakMap<ShelfItem, string>();
/** Words of a product that a search looks through, put together once. */
function textOf(item: ShelfItem): string {
  const known =
    TEXTS.get(item) ??
    `${item.name} ${item.maker} ${item.code} ${material(item.material).label} ${item.notes}`.toLowerCase();
  TEXTS.set(item, known);
  return known;
}

/** Whether a product has every word that is looked for. */
export function matching(wanted: string): (item: ShelfItem) => boolean {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  return (item) => words.every((word) => textOf(item).includes(word));
}

const where = (item: ShelfItem) =>
  isProp(item)
    ? GRADES.prop
    : [item.eyeSafe && "eyes", item.lipSafe && "lips", "skin"].filter(Boolean).join(", ");

function Left({ left, sizeGrams, counted }: ShelfItem) {
  const say = useSay();
  return (
    <span className="whitespace-nowrap">
      {left < 0 ? (
        <strong>{say.amount(left, counted)}: weigh it</strong>
      ) : (
        say.amount(left, counted)
      )}{" "}
      <span className="muted">of {say.amount(sizeGrams, counted)}</span>
    </span>
  );
}

function GoodUntil({ expiry }: ShelfItem) {
  const say = useSay();
  if (!expiry) return "not opened";
  const date = say.date(expiry.date);
  return (
    <span className="whitespace-nowrap">{expiry.past ? <strong>past, {date}</strong> : date}</span>
  );
}

const Money = ({ minor }: { minor: number }) => useSay().money(minor);

/** Columns of the shelf in their usual order; each can be hidden. */
export const COLUMNS = [
  make.accessor((item) => (item.colour ? hexToLab(item.colour)[0] : -1), {
    id: "colour",
    header: "Colour",
    cell: ({ row }) => <Swatch hex={row.original.colour} size={32} />,
  }),
  make.accessor("name", {
    header: "Name",
    enableHiding: false,
    cell: ({ row }) => (
      <>
        <Link className="link font-semibold" href={`/shelf/${row.original.id}`}>
          {row.original.name}
        </Link>
        <span className="muted block text-xs">{row.original.maker}</span>
      </>
    ),
  }),
  make.accessor((item) => material(item.material).label, { id: "kind", header: "Kind" }),
  make.accessor((item) => (item.colour ? item.hiding : -1), {
    id: "covers",
    header: "Covers",
    cell: ({ row }) => (row.original.colour ? `${Math.round(row.original.hiding * 100)} %` : ""),
  }),
  make.accessor((item) => item.left / item.sizeGrams, {
    id: "left",
    header: "Left",
    cell: ({ row }) => <Left {...row.original} />,
  }),
  make.accessor((item) => item.priceMinor / item.sizeGrams, {
    id: "gram",
    header: "A gram",
    cell: ({ getValue }) => <Money minor={getValue()} />,
  }),
  make.accessor((item) => item.expiry?.date ?? "9999", {
    id: "good",
    header: "Good until",
    cell: ({ row }) => <GoodUntil {...row.original} />,
  }),
  make.accessor(where, {
    id: "where",
    header: "Where it may go",
    cell: ({ row }) => (
      <>
        {isProp(row.original) ? <strong>{where(row.original)}</strong> : where(row.original)}
        {!row.original.labelRead && (
          <span className="block text-xs font-semibold">label not read</span>
        )}
        {row.original.allergens.length > 0 && (
          <span className="block text-xs">
            contains {row.original.allergens.map((allergen) => ALLERGENS[allergen]).join(", ")}
          </span>
        )}
      </>
    ),
  }),
  make.accessor("code", { header: "Code" }),
];
