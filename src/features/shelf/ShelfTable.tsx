"use client";

import { Select } from "@/ui/Select";
import { keysOf } from "@/core/keysOf";
import {
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type Row,
  type SortingState,
} from "@tanstack/react-table";
import { ArrowDown, ArrowUp } from "lucide-react";
import { Fragment, memo, useDeferredValue, useMemo, useState } from "react";
import { isLow } from "@/core/kit";
import { material, isProp } from "@/core/paint";
import type { ShelfItem } from "@/server/shelf";
import { ChosenRows } from "./ChosenRows";
import { ColumnsShown } from "./ColumnsShown";
import { ageOf, colourFamily, COLUMNS, matching } from "./columns";

const GROUPS = {
  none: { label: "no group", of: () => "" },
  kind: { label: "kind", of: (item: ShelfItem) => material(item.material).label },
  colour: { label: "colour", of: (item: ShelfItem) => colourFamily(item.colour) },
  age: { label: "age", of: ageOf },
} as const;
type Group = keyof typeof GROUPS;
const SHOWN = {
  all: { label: "everything", is: () => true },
  low: { label: "running out", is: (item: ShelfItem) => isLow(item, item.left) },
  past: { label: "past its date", is: (item: ShelfItem) => Boolean(item.expiry?.past) },
  prop: { label: "not for skin", is: isProp },
} as const;
type Shown = keyof typeof SHOWN;

/** Rows drawn at once: what is searched is the whole shelf. */
const A_PAGE = 60;

/** The shelf as a table: searched, filtered, sorted by any column, under headings, with the columns one wants; several rows changed at once, and back. */
export function ShelfTable({
  items,
  total,
  whole,
  today,
}: {
  items: readonly ShelfItem[];
  total: number;
  whole: boolean;
  today: string;
}) {
  const [most, setMost] = useState(A_PAGE);
  const [search, setSearch] = useState("");
  const [sorting, setSorting] = useState<SortingState>([]);
  const [shown, setShown] = useState<Shown>("all");
  const [group, setGroup] = useState<Group>("none");
  const [hidden, setHidden] = useState<Readonly<Record<string, boolean>>>({
    code: false,
    gram: false,
  });
  const [chosen, setChosen] = useState<Readonly<Record<string, boolean>>>({});
  // Typing goes on while the rows follow.
  const wanted = useDeferredValue(search);
  const data = useMemo(() => {
    const matches = matching(wanted);
    return items.filter((item) => SHOWN[shown].is(item) && matches(item));
  }, [items, shown, wanted]);
  // eslint-disable-next-line react-hooks/incompatible-library -- its row model is made anew on purpose
  const table = useReactTable({
    data,
    columns: COLUMNS,
    state: { sorting, columnVisibility: hidden, rowSelection: chosen },
    getRowId: ({ id }) => id,
    onSortingChange: setSorting,
    onRowSelectionChange: (next) =>
      setChosen((now) => (typeof next === "function" ? next({ ...now }) : next)),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const { rows } = table.getRowModel();
  const picked = items.filter(({ id }) => chosen[id]);
  const span = table.getVisibleLeafColumns().length + 1;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-4">
        <label className="block w-64">
          <span className="label-line">Find on the shelf</span>
          <input
            type="search"
            className="input"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </label>
        <label className="text-sm">
          <span className="label-line">Show</span>
          <Select
            className="!w-40"
            value={shown}
            options={keysOf(SHOWN)}
            labelOf={(key) => SHOWN[key].label}
            onChange={setShown}
          />
        </label>
        <label className="text-sm">
          <span className="label-line">Group by</span>
          <Select
            className="!w-36"
            value={group}
            options={keysOf(GROUPS)}
            labelOf={(key) => GROUPS[key].label}
            onChange={setGroup}
          />
        </label>
        <label className="text-sm sm:hidden">
          <span className="label-line">Sort by</span>
          <Select
            className="!w-36"
            value={sorting[0]?.id ?? "none"}
            options={["none", ...table.getVisibleLeafColumns().map(({ id }) => id)]}
            labelOf={(id) =>
              id === "none" ? "as added" : String(table.getColumn(id)?.columnDef.header)
            }
            onChange={(id) => setSorting(id === "none" ? [] : [{ id, desc: false }])}
          />
        </label>
        <ColumnsShown
          columns={table.getAllLeafColumns()}
          onHide={(id, isShown) => setHidden((now) => ({ ...now, [id]: isShown }))}
        />
      </div>
      <div className="mb-2 flex min-h-10 flex-wrap items-center gap-3 text-sm">
        <p className="muted" role="status">
          {whole ? `${rows.length} of ${total} products` : `fetching ${total} products …`}
        </p>
        {picked.length > 0 && (
          <ChosenRows picked={picked} today={today} onDone={() => setChosen({})} />
        )}
      </div>
      <div className="relative overflow-x-auto">
        <table className="cards-when-narrow w-full min-w-[48rem] text-sm">
          <thead>
            {table.getHeaderGroups().map((line) => (
              <tr key={line.id} className="border-b-2 border-base-content text-left">
                <th scope="col" className="w-8 px-1">
                  <span className="sr-only">Chosen</span>
                </th>
                {line.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
                      scope="col"
                      aria-sort={
                        sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : "none"
                      }
                      className="px-1 py-1"
                    >
                      <button
                        type="button"
                        className="flex min-h-9 items-center gap-1 px-1 font-bold"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        {sorted === "asc" && <ArrowUp size={14} aria-hidden />}
                        {sorted === "desc" && <ArrowDown size={14} aria-hidden />}
                      </button>
                    </th>
                  );
                })}
              </tr>
            ))}
          </thead>
          <Body rows={rows} most={most} group={group} span={span} hidden={hidden} chosen={chosen} />
        </table>
      </div>
      {rows.length > most && (
        <button type="button" className="btn mt-3" onClick={() => setMost(most + A_PAGE)}>
          Show {Math.min(A_PAGE, rows.length - most)} more of {rows.length}
        </button>
      )}
    </>
  );
}

/** What a cell of these says needs no word before it, on a card. */
const SAYS_ITSELF: ReadonlySet<string> = new Set(["colour", "name", "kind"]);

interface BodyProps {
  rows: readonly Row<ShelfItem>[];
  most: number;
  group: Group;
  span: number;
  /** What makes the same rows look otherwise. */ hidden: Readonly<Record<string, boolean>>;
  chosen: Readonly<Record<string, boolean>>;
}

/** The rows under their headings. Drawn anew only where they change: a letter typed in the search is there before they are. */
const Body = memo(function Body({ rows, most, group, span }: BodyProps) {
  const drawn = rows.slice(0, most);
  const headings = [
    ...new Map(drawn.map((row) => [GROUPS[group].of(row.original), null])).keys(),
  ].sort();
  return (
    <tbody>
      {headings.map((heading) => (
        <Fragment key={heading}>
          {heading && (
            <tr>
              <th
                scope="rowgroup"
                colSpan={span}
                className="bg-base-200 px-2 py-1.5 text-left first-letter:uppercase"
              >
                {heading}
              </th>
            </tr>
          )}
          {drawn
            .filter((row) => GROUPS[group].of(row.original) === heading)
            .map((row) => (
              <tr key={row.id} className="border-b rule">
                <td className="px-1">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    aria-label={`Choose ${row.original.name}`}
                    checked={row.getIsSelected()}
                    onChange={row.getToggleSelectedHandler()}
                  />
                </td>
                {row.getVisibleCells().map((cell) => (
                  <td
                    key={cell.id}
                    className={`px-2 py-1.5 ${cell.column.id === "name" ? "card-head" : ""}`}
                    {...(!SAYS_ITSELF.has(cell.column.id) && {
                      "data-label": String(cell.column.columnDef.header),
                    })}
                  >
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
              </tr>
            ))}
        </Fragment>
      ))}
    </tbody>
  );
});
