"use client";

import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import type { Costs } from "@/server/costs";
import { Chart, PLAIN } from "@/shared/charts/Chart";

/** What was used and bought, a bar a month. */
export function ByMonth({ byMonth }: Pick<Costs, "byMonth">) {
  const say = useSay();
  return (
    <section aria-label="By month" className="card-plain p-4">
      <h2 className="text-lg">By month</h2>
      {byMonth.length === 0 ? (
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
                  data: byMonth.map(({ month, usedMinor: minor }) => ({
                    x: say.month(month),
                    y: Math.round(minor) / 100,
                  })),
                },
                {
                  name: "▨ bought",
                  data: byMonth.map(({ month, boughtMinor: minor }) => ({
                    x: say.month(month),
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
                yaxis: {
                  title: { text: say.currencySign },
                  labels: { formatter: (value) => say.number(value) },
                },
              }}
            />
          </div>
          <ul className="sr-only">
            {byMonth.map(({ month, usedMinor: used, boughtMinor: bought }) => (
              <li key={month}>
                {say.month(month)}: used {say.money(used)}, bought {say.money(bought)}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** What each look cost, and the products that went fastest. */
export function ByLook({ byLook, byProduct }: Pick<Costs, "byLook" | "byProduct">) {
  const say = useSay();
  return (
    <section aria-label="By look" className="card-plain p-4 text-sm">
      <h2 className="text-lg">By look</h2>
      {byLook.length === 0 ? (
        <p>None yet.</p>
      ) : (
        <table className="w-full">
          <tbody>
            {byLook.map(({ id, name, minor }) => (
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
                <td className="text-right">{say.money(minor)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <h2 className="mt-4 text-lg">Most used</h2>
      {byProduct.length === 0 ? (
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
            {byProduct.slice(0, 12).map(({ id, name, grams, minor }) => (
              <tr key={id} className="border-b rule">
                <th scope="row" className="py-1 text-left font-normal">
                  <Link className="link" href={`/shelf/${id ?? ""}`}>
                    {name}
                  </Link>
                </th>
                <td className="text-right">{say.mass(grams)}</td>
                <td className="text-right">{say.money(minor)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** Products that are there in several sizes, by the gram. */
export function Sizes({ sizes }: Pick<Costs, "sizes">) {
  const say = useSay();
  return (
    <section aria-label="Sizes" className="card-plain p-4 text-sm">
      <h2 className="text-lg">The cheaper gram</h2>
      {sizes.length === 0 ? (
        <p>
          No product is there in two sizes. Products of one kind, maker and name, but for a size in
          it, are laid side by side here.
        </p>
      ) : (
        sizes.map((line) => (
          <p key={line[0]?.id ?? ""} className="border-t rule py-1">
            {line.map(({ id, name, sizeGrams, perGram, dearer }, i) => (
              <span key={id} className="block">
                <Link className="link" href={`/shelf/${id}`}>
                  {name}
                </Link>
                , {say.mass(sizeGrams)}: {say.money(perGram)} a gram
                {i > 0 && <strong>, {Math.round(dearer * 100)} % more</strong>}
              </span>
            ))}
          </p>
        ))
      )}
    </section>
  );
}
