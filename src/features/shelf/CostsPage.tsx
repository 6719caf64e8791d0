"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { breakEven } from "@/core/kit";
import { Chart, PLAIN } from "@/shared/charts/Chart";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";
import type { Costs } from "@/server/costs";
import { money } from "@/core/text/words";
import { dayWords, gramsWords } from "@/ui/format";
import { Page } from "@/ui/Page";

/** What paint cost in a season, by month, look and product; which size is the cheaper gram; and whether a palette pays. */
export function CostsPage({ costs }: { costs: Costs }) {
  const router = useRouter();
  const { from, until, usedMinor, usedGrams, boughtMinor } = costs;
  const go = (next: { from?: string; until?: string }) => {
    const span = { from, until, ...next };
    if (span.from && span.until && span.from <= span.until)
      router.push(`/shelf/costs?from=${span.from}&until=${span.until}`);
  };
  return (
    <Page title="Shelf" lead="What went on skin, at what it cost by then.">
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
          <strong>{gramsWords(usedGrams)}</strong> of paint for <strong>{money(usedMinor)}</strong>{" "}
          were used, {dayWords(from)} to {dayWords(until)}; bought for {money(boughtMinor)}.
        </p>
      </div>
      <div className="mt-4 grid items-start gap-5 lg:grid-cols-2">
        <section aria-label="By month" className="card-plain p-4">
          <h2 className="text-lg">By month</h2>
          {costs.byMonth.length === 0 ? (
            <p className="text-sm">
              Nothing was bought or used in these days. Jobs are written down as used in{" "}
              <Link className="link" href="/shelf/planning">
                Planning
              </Link>
              .
            </p>
          ) : (
            <>
              <div aria-hidden>
                <Chart
                  type="bar"
                  height={240}
                  series={[
                    {
                      name: "▮ used",
                      data: costs.byMonth.map(({ month, usedMinor: minor }) => ({
                        x: month,
                        y: Math.round(minor) / 100,
                      })),
                    },
                    {
                      name: "▨ bought",
                      data: costs.byMonth.map(({ month, boughtMinor: minor }) => ({
                        x: month,
                        y: minor / 100,
                      })),
                    },
                  ]}
                  options={{
                    ...PLAIN,
                    plotOptions: { bar: { columnWidth: "60%" } },
                    fill: {
                      type: ["solid", "pattern"],
                      pattern: { style: "slantedLines", width: 5, height: 5, strokeWidth: 1 },
                    },
                    stroke: { width: 1.5, colors: ["currentColor"] },
                    dataLabels: { enabled: false },
                    xaxis: { type: "category" },
                    yaxis: { labels: { formatter: (value) => value.toFixed(0) } },
                  }}
                />
              </div>
              <ul className="sr-only">
                {costs.byMonth.map(({ month, usedMinor: used, boughtMinor: bought }) => (
                  <li key={month}>
                    {month}: used {money(used)}, bought {money(bought)}
                  </li>
                ))}
              </ul>
            </>
          )}
        </section>
        <section aria-label="By look" className="card-plain p-4 text-sm">
          <h2 className="text-lg">By look</h2>
          {costs.byLook.length === 0 ? (
            <p>None yet.</p>
          ) : (
            <table className="w-full">
              <tbody>
                {costs.byLook.map(({ id, name, minor }) => (
                  <tr key={id ?? "none"} className="border-b rule">
                    <th scope="row" className="py-1 text-left font-normal">
                      {id ? (
                        <Link className="link" href={`/looks/${id}`}>
                          {name}
                        </Link>
                      ) : (
                        name
                      )}
                    </th>
                    <td className="text-right">{money(minor)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          <h2 className="mt-4 text-lg">Most used</h2>
          {costs.byProduct.length === 0 ? (
            <p>None yet.</p>
          ) : (
            <table className="w-full">
              <thead>
                <tr className="border-b-2 border-base-content text-left">
                  <th scope="col">Product</th>
                  <th scope="col" className="text-right">
                    Used
                  </th>
                  <th scope="col" className="text-right">
                    Worth
                  </th>
                </tr>
              </thead>
              <tbody>
                {costs.byProduct.slice(0, 12).map(({ id, name, grams, minor }) => (
                  <tr key={id} className="border-b rule">
                    <th scope="row" className="py-1 text-left font-normal">
                      <Link className="link" href={`/shelf/${id ?? ""}`}>
                        {name}
                      </Link>
                    </th>
                    <td className="text-right">{gramsWords(grams)}</td>
                    <td className="text-right">{money(minor)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <section aria-label="Sizes" className="card-plain p-4 text-sm">
          <h2 className="text-lg">The cheaper gram</h2>
          {costs.sizes.length === 0 ? (
            <p>
              No product is there in two sizes. Products of one kind, maker and name, but for a size
              in it, are laid side by side here.
            </p>
          ) : (
            costs.sizes.map((line) => (
              <p key={line[0]?.id ?? ""} className="border-t rule py-1">
                {line.map(({ id, name, sizeGrams, perGram, dearer }, i) => (
                  <span key={id} className="block">
                    <Link className="link" href={`/shelf/${id}`}>
                      {name}
                    </Link>
                    , {gramsWords(sizeGrams)}: {money(perGram)} a gram
                    {i > 0 && <strong>, {Math.round(dearer * 100)} % more</strong>}
                  </span>
                ))}
              </p>
            ))
          )}
        </section>
        <Palette single={costs.single} />
      </div>
    </Page>
  );
}

/** A ready palette against single pots. */
function Palette({ single }: { single: Costs["single"] }) {
  const [given, setGiven] = useState({
    price: "24.00",
    pans: "12",
    grams: "3",
    wanted: "6",
    single: single ? money(single.minor) : "10.00",
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
        {field("price", "Palette")}
        {field("pans", "Colours in it")}
        {field("grams", "Grams each")}
        {field("wanted", "Wanted of them")}
        {field("single", "A single pot")}
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
            you want of it costs {money(told.singlesMinor)} one by one, {money(told.paletteMinor)}{" "}
            as the palette.
          </>
        )}
      </p>
      {told && (
        <p className="muted">
          A gram costs {money(told.perGram.palette)} in the palette and{" "}
          {money(told.perGram.singles)} in a pot:{" "}
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
