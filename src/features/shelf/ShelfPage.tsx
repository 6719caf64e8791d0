"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { ALLERGENS, GRADES, material } from "@/core/paint";
import type { ShelfItem } from "@/server/shelf";
import { Empty } from "@/ui/Empty";
import { gramsWords } from "@/ui/format";
import { Page } from "@/ui/Page";
import { send } from "@/ui/request";
import { Swatch } from "@/ui/Swatch";

/** What is there, what is left of it, and what may be done with it. */
export function ShelfPage({ items }: { items: readonly ShelfItem[] }) {
  const router = useRouter();
  const [search, setSearch] = useState("");
  const wanted = search.trim().toLowerCase();
  const shown = items.filter((item) => `${item.name} ${item.maker} ${material(item.material).label}`.toLowerCase().includes(wanted));
  const lend = async () => {
    const answer = await send<{ added: number }>("POST", "/api/demo-shelf", {});
    toast(answer.ok ? `${answer.value.added} invented products put on the shelf` : answer.refusal.title);
    router.refresh();
  };
  return (
    <Page title="Shelf" lead="What is left is always the sum of the ledger." action={<Link href="/shelf/new" className="btn btn-primary">New product</Link>}>
      {items.length === 0 ? (
        <Empty title="The shelf is empty">
          <p>Add what you own, or borrow an invented shelf to try with. The plan counts grams against it.</p>
          <div className="flex flex-wrap gap-3"><Link href="/shelf/new" className="btn btn-primary">Add a product</Link><button type="button" className="btn" onClick={() => void lend()}>Borrow the invented shelf</button></div>
        </Empty>
      ) : (
        <>
          <label className="mb-3 block max-w-sm"><span className="label-line">Find on the shelf</span><input type="search" className="input" value={search} onChange={(event) => setSearch(event.target.value)} /></label>
          <p className="muted mb-2 text-sm" role="status">{shown.length} of {items.length} products</p>
          <div className="overflow-x-auto">
            <table className="w-full min-w-[48rem] text-sm">
              <thead><tr className="border-b-2 border-base-content text-left">{["Colour", "Name", "Kind", "Covers", "Left", "Good until", "Where it may go"].map((head) => <th key={head} scope="col" className="px-2 py-2">{head}</th>)}</tr></thead>
              <tbody>
                {shown.map((item) => (
                  <tr key={item.id} className="border-b rule">
                    <td className="px-2 py-1.5"><Swatch hex={item.colour} size={32} /></td>
                    <th scope="row" className="px-2 text-left font-semibold"><Link className="link" href={`/shelf/${item.id}`}>{item.name}</Link><span className="muted block text-xs font-normal">{item.maker}</span></th>
                    <td className="px-2">{material(item.material).label}</td>
                    <td className="px-2">{item.colour ? `${Math.round(item.hiding * 100)} %` : ""}</td>
                    <td className="px-2 whitespace-nowrap">{gramsWords(item.left)} <span className="muted">of {gramsWords(item.sizeGrams)}</span></td>
                    <td className="px-2 whitespace-nowrap">{item.expiry ? (item.expiry.past ? <strong>past, {item.expiry.date}</strong> : item.expiry.date) : "not opened"}</td>
                    <td className="px-2">{item.grade === "prop" ? <strong>{GRADES.prop}</strong> : [item.eyeSafe && "eyes", item.lipSafe && "lips", "skin"].filter(Boolean).join(", ")}{item.allergens.length > 0 && <span className="block text-xs">contains {item.allergens.map((allergen) => ALLERGENS[allergen]).join(", ")}</span>}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
    </Page>
  );
}
