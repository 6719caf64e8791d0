"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { breakEven } from "@/core/kit";
import { useSay } from "@/shared/say/useSay";
import { ByLook, ByMonth, Sizes } from "./CostPanels";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";
import type { Costs } from "@/server/costs";
import { Page } from "@/ui/Page";

/** What paint cost in a season, by month, look and product; which size is the cheaper gram; and whether a palette pays. */
export function CostsPage({ costs }: { costs: Costs }) {
  const say = useSay();
  const router = useRouter();
  const { from, until, usedMinor, usedGrams, boughtMinor } = costs;
  const go = (next: { from?: string; until?: string }) => {
    const span = { from, until, ...next };
    if (span.from && span.until && span.from <= span.until)
      router.push(`/shelf/costs?from=${span.from}&until=${span.until}`);
  };
  return (
    <Page title="Shelf" lead="What you used and what it cost you.">
      <ShelfTabs />
      <div className="flex flex-wrap items-end gap-3 text-sm">
        <label>
          <span className="label-line">From</span>
          <input
            type="date"
            className="input"
            defaultValue={from}
            onChange={(event) => go({ from: event.target.value })}
          />
        </label>
        <label>
          <span className="label-line">Until</span>
          <input
            type="date"
            className="input"
            defaultValue={until}
            onChange={(event) => go({ until: event.target.value })}
          />
        </label>
        <p role="status" className="py-2 text-base">
          <strong>{say.mass(usedGrams)}</strong> of paint for{" "}
          <strong>{say.money(usedMinor)}</strong> were used, {say.day(from)} to {say.day(until)};
          bought for {say.money(boughtMinor)}.
        </p>
      </div>
      <div className="mt-4 grid items-start gap-5 lg:grid-cols-2">
        <div className="flex flex-col gap-5">
          <ByMonth byMonth={costs.byMonth} />
          <Palette single={costs.single} />
        </div>
        <div className="flex flex-col gap-5">
          <ByLook byLook={costs.byLook} byProduct={costs.byProduct} />
          <Sizes sizes={costs.sizes} />
        </div>
      </div>
    </Page>
  );
}

/** A ready palette against single pots. */
function Palette({ single }: { single: Costs["single"] }) {
  const say = useSay();
  const [given, setGiven] = useState({
    price: "24.00",
    pans: "12",
    grams: "3",
    wanted: "6",
    single: single ? say.number(single.minor / 100, say.manner.moneyPlaces) : "10.00",
    pot: String(single?.grams ?? 20),
  });
  const number = (key: keyof typeof given) => Number(given[key].replace(",", "."));
  const field = (key: keyof typeof given, label: string) => (
    <label>
      <span className="label-line">{label}</span>
      <input
        inputMode="decimal"
        className="input !w-24"
        value={given[key]}
        aria-invalid={!(number(key) > 0)}
        onChange={(event) => setGiven({ ...given, [key]: event.target.value })}
      />
    </label>
  );
  const whole = Object.keys(given).every((key) => number(key as keyof typeof given) > 0);
  const told = whole
    ? breakEven({
        priceMinor: Math.round(number("price") * 100),
        pans: Math.round(number("pans")),
        panGrams: number("grams"),
        singleMinor: Math.round(number("single") * 100),
        singleGrams: number("pot"),
        wanted: Math.round(number("wanted")),
      })
    : null;
  return (
    <section aria-label="A palette or single pots" className="card-plain p-4 text-sm">
      <h2 className="text-lg">A palette or single pots</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        {field("price", `Palette, ${say.currencySign}`)}
        {field("pans", "Colours in it")}
        {field("grams", "Grams each")}
        {field("wanted", "Wanted of them")}
        {field("single", `A single pot, ${say.currencySign}`)}
        {field("pot", "Grams in it")}
      </div>
      <p role="status" className="mt-2 text-base">
        {told === null ? (
          "Each is a number above 0."
        ) : told.colours === null ? (
          <>
            The palette is <strong>never the cheaper</strong>: it has too few colours for its price.
          </>
        ) : (
          <>
            The palette is the cheaper <strong>from {told.colours} of its colours on</strong>. What
            you want of it costs {say.money(told.singlesMinor)} one by one,{" "}
            {say.money(told.paletteMinor)} as the palette.
          </>
        )}
      </p>
      {told && (
        <p className="muted">
          A gram costs {say.money(told.perGram.palette)} in the palette and{" "}
          {say.money(told.perGram.singles)} in a pot:{" "}
          {told.perGram.palette > told.perGram.singles
            ? "for a body, pots are the cheaper paint"
            : "it is the cheaper paint too"}
          .
        </p>
      )}
      <p className="muted mt-1 text-xs">
        A single pot as it usually is on this shelf, if nothing else is typed.
      </p>
    </section>
  );
}
