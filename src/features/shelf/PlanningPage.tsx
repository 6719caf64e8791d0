"use client";

import { ask } from "@/shared/ask";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import {
  planKit,
  substitutes,
  wantedColours,
  type KitLine,
  type KitPlan,
  type PaletteWishes,
} from "@/core/kit";
import { contextOf } from "@/core/record";
import { isWearable } from "@/core/look";
import { useShelf } from "@/shared/shelf/useShelf";
import type { JobHead, PlannedJob, Planning } from "@/server/kit";
import type { ShelfItem } from "@/server/shelf";
import { NumberInput } from "@/ui/NumberInput";
import { Empty } from "@/ui/Empty";
import { Page } from "@/ui/Page";
import { Swatch } from "@/ui/Swatch";
import { PackingCard } from "@/shared/palettes/PackingCard";
import { SuggestedPalette } from "@/shared/palettes/SuggestedPalette";
import { ShelfTabs } from "@/shared/shelf/ShelfTabs";
import { A_PAGE, JobsToPlan } from "./JobsToPlan";
import { useJobsTake, type JobsTake } from "./useJobsTake";

/** What a set of jobs takes against what is there: what is short, what could stand in, when to order, what it costs, and what to pack. */
export function PlanningPage({ planning }: { planning: Planning }) {
  const { heads, leadDays, today } = planning;
  const { items } = useShelf(planning.shelf);
  const stock = useMemo(() => new Map(items.map(({ id, left }) => [id, left])), [items]);
  const router = useRouter();
  const [ids, setIds] = useState<ReadonlySet<string>>(
    () => new Set(heads.slice(0, A_PAGE).map(({ jobId }) => jobId)),
  );
  const [lead, setLead] = useState(leadDays);
  const products = useMemo(() => new Map(items.map((product) => [product.id, product])), [items]);
  const choose = (jobIds: readonly string[], isIn: boolean) =>
    setIds((now) => {
      const next = new Set(now);
      for (const jobId of jobIds)
        if (isIn) next.add(jobId);
        else next.delete(jobId);
      return next;
    });
  const picked = useMemo(() => heads.filter(({ jobId }) => ids.has(jobId)), [heads, ids]);
  const take = useJobsTake(picked, (given) => choose(given, false));
  const chosen = take.jobs;
  const plan = useMemo(
    () => planKit(chosen, stock, products, lead),
    [chosen, stock, products, lead],
  );
  const costOf = useMemo(
    () => new Map(plan.costByJob.map(({ jobId, costMinor }) => [jobId, costMinor])),
    [plan],
  );
  const short = plan.lines.filter(({ missing }) => missing > 1e-9);
  const told = async (
    act: Promise<{ ok: boolean; refusal?: { title: string; detail?: string } }>,
    words: string,
  ) => {
    const answer = await act;
    toast(
      answer.ok
        ? words
        : (answer.refusal?.detail ??
            answer.refusal?.title ??
            "Couldn't save that. Check the connection and try again."),
    );
    if (answer.ok) router.refresh();
  };
  const use = (job: JobHead) =>
    told(
      ask("POST /api/jobs/[id]/use", { id: job.jobId }, { on: today }),
      `${job.name}: written down as used, by its plan`,
    );
  if (!heads.length)
    return (
      <Page title="Shelf">
        <ShelfTabs />
        <Empty title="No job ahead">
          <p>A look with a person and a brief is a job; what several take is added up here.</p>
          <Link className="btn btn-primary" href="/looks">
            To the looks
          </Link>
        </Empty>
      </Page>
    );
  return (
    <Page title="Shelf" lead="What these jobs take together, against what is in stock.">
      <ShelfTabs />
      <div className="card-plain flex flex-wrap items-start gap-6 p-4">
        <JobsToPlan
          heads={heads}
          ids={ids}
          costOf={costOf}
          onChoose={choose}
          onUse={(job) => void use(job)}
        />
        <label className="text-sm">
          <span className="label-line">Delivery time (days)</span>
          <NumberInput
            className="!w-24"
            least={0}
            most={60}
            whole
            value={lead}
            onChange={setLead}
          />
        </label>
      </div>
      <Standing take={take} plan={plan} short={short.length} isEmpty={!picked.length} />
      <div className="mt-2 overflow-x-auto">
        <table className="cards-when-narrow w-full min-w-[46rem] text-sm">
          <caption className="sr-only">What the jobs take against stock</caption>
          <thead>
            <tr className="border-b-2 border-base-content text-left">
              {["Product", "Takes", "Left", "Short", "What to do"].map((head) => (
                <th key={head} scope="col" className="px-2 py-1.5">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {plan.lines.map((line) => (
              <Line
                key={line.productId ?? line.material}
                line={line}
                items={items}
                stock={stock}
                today={today}
                jobs={chosen}
                onDone={told}
              />
            ))}
          </tbody>
        </table>
      </div>
      <OnePalette jobs={chosen} items={items} planning={planning} />
      <PackingCard lists={chosen.map(({ packing }) => packing)} title="To pack for them" />
    </Page>
  );
}

/** What the chosen jobs come to; while they are worked out, how far it is. */
function Standing({
  take,
  plan,
  short,
  isEmpty,
}: {
  take: JobsTake;
  plan: KitPlan;
  short: number;
  isEmpty: boolean;
}) {
  const say = useSay();
  const all = take.jobs.length + take.waiting;
  return (
    <div className="mt-4" role="status">
      {take.error && take.waiting > 0 ? (
        <p className="flex flex-wrap items-center gap-3 border-l-4 border-current pl-2">
          <strong>Not worked out: {take.error}</strong>
          <button type="button" className="btn btn-sm" onClick={take.retry}>
            Try again
          </button>
        </p>
      ) : (
        take.waiting > 0 && (
          <p className="flex flex-wrap items-center gap-3 text-sm">
            <progress
              className="progress w-40"
              value={take.jobs.length}
              max={all}
              aria-label="Jobs worked out"
            />
            Working out what they take: {take.jobs.length} of {all}
            <button type="button" className="btn btn-sm" onClick={take.stop}>
              Stop
            </button>
          </p>
        )
      )}
      {isEmpty ? (
        <p className="text-lg">No job is chosen.</p>
      ) : (
        take.jobs.length > 0 && (
          <p className="text-lg">
            {short ? (
              <>
                <strong>
                  {short === 1 ? "One product is short" : `${short} products are short`}
                </strong>
                {take.waiting > 0 && " so far"}; to buy for {say.money(plan.buyMinor)}.
              </>
            ) : (
              `All of it is on the shelf${take.waiting > 0 ? " so far" : ""}.`
            )}{" "}
            <span className="muted text-sm">Paint cost: {say.money(plan.costMinor)}.</span>
          </p>
        )
      )}
    </div>
  );
}

/** One palette for several jobs: the fewest pans that make every colour of theirs, of paints that each may wear where it goes. */
function OnePalette({
  jobs,
  items,
  planning,
}: {
  jobs: readonly PlannedJob[];
  items: readonly ShelfItem[];
  planning: Planning;
}) {
  const [open, setOpen] = useState(false);
  const wishes = useMemo((): PaletteWishes | null => {
    if (!open) return null;
    const each = jobs.map(({ look, person, brief }) => ({
      look,
      own: wantedColours(
        look,
        contextOf({
          person,
          brief,
          products: items,
          today: planning.today,
          house: planning.house,
          settings: planning.settings,
        }),
        items,
      ),
    }));
    // Layers of several looks may have one id.
    return {
      colours: each.flatMap(({ look, own }, i) =>
        own.colours.map((colour) => ({
          ...colour,
          id: `${i} ${colour.id}`,
          name: `${look.name}: ${colour.name}`,
        })),
      ),
      beside: [...new Set(each.flatMap(({ own }) => own.beside))],
    };
  }, [open, jobs, items, planning]);
  if (!jobs.length) return null;
  return (
    <details
      className="card-plain mt-6 p-4"
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer text-lg font-semibold">
        {jobs.length === 1 ? "A palette for it" : "One palette for them all"}
      </summary>
      {wishes && (
        <div className="mt-3">
          <SuggestedPalette
            wishes={wishes}
            products={items}
            name={jobs
              .map(({ lookName }) => lookName)
              .join(", ")
              .slice(0, 80)}
            jobId={jobs.length === 1 ? (jobs[0]?.jobId ?? null) : null}
          />
        </div>
      )}
    </details>
  );
}

type Tell = (
  act: Promise<{ ok: boolean; refusal?: { title: string; detail?: string } }>,
  words: string,
) => Promise<void>;

function Line({
  line,
  items,
  stock,
  today,
  jobs,
  onDone,
}: {
  line: KitLine;
  items: readonly ShelfItem[];
  stock: ReadonlyMap<string, number>;
  today: string;
  jobs: readonly PlannedJob[];
  onDone: Tell;
}) {
  const say = useSay();
  const product = items.find(({ id }) => id === line.productId);
  const users = jobs.filter(({ jobId }) => line.byJob.some((entry) => entry.jobId === jobId));
  const offered =
    product && line.missing > 1e-9
      ? substitutes(product, items, stock, line.grams, (other) =>
          users.every(({ person }) => isWearable(other, person)),
        ).slice(0, 4)
      : [];
  const [picked, setPicked] = useState("");
  const other = offered.find((entry) => entry.product.id === picked) ?? offered[0];
  const putIn = async () => {
    if (!other || !product) return;
    for (const lookId of new Set(users.map((job) => job.lookId)))
      await onDone(
        ask(
          "POST /api/looks/[id]/substitute",
          { id: lookId },
          { from: product.id, to: other.product.id },
        ),
        `${other.product.name} in the place of ${product.name}`,
      );
  };
  const grams = product ? line.pots * product.sizeGrams : 0;
  return (
    <tr className="border-b rule align-top">
      <th scope="row" className="basis-full px-2 py-2 text-left font-semibold">
        <span className="flex items-center gap-2">
          {product?.colour && <Swatch hex={product.colour} size={26} />}
          {line.productId ? (
            <Link className="link" href={`/shelf/${line.productId}`}>
              {line.name}
            </Link>
          ) : (
            line.name
          )}
        </span>
      </th>
      <td data-label="Takes" className="px-2 py-2 whitespace-nowrap">
        {say.amount(line.grams, line.counted)}
      </td>
      <td data-label="Left" className="px-2 py-2 whitespace-nowrap">
        {line.productId ? say.amount(line.left, line.counted) : "not chosen"}
      </td>
      <td data-label="Short" className="px-2 py-2">
        {line.missing > 1e-9 ? <strong>{say.amount(line.missing, line.counted)}</strong> : "no"}
      </td>
      <td className="px-2 py-2">
        {line.missing > 1e-9 && (
          <div className="flex flex-col gap-1.5">
            {line.pots > 0 && (
              <p>
                {line.pots === 1 ? "A pot" : `${line.pots} pots`} for {say.money(line.buyMinor)}
                {line.orderBy && (
                  <>
                    ,{" "}
                    {line.orderBy < today ? (
                      <strong>should have been ordered by {say.day(line.orderBy)}</strong>
                    ) : line.orderBy === today ? (
                      <strong>order today</strong>
                    ) : (
                      `order by ${say.day(line.orderBy)}`
                    )}
                  </>
                )}
                .{" "}
                <button
                  type="button"
                  className="btn btn-sm ml-1"
                  onClick={() =>
                    line.productId &&
                    void onDone(
                      ask(
                        "POST /api/products/[id]/movements",
                        { id: line.productId },
                        {
                          kind: "bought",
                          grams,
                          on: today,
                          priceMinor: line.buyMinor,
                          note: line.pots === 1 ? "a pot received" : `${line.pots} pots received`,
                        },
                      ),
                      `${say.amount(grams, line.counted)} of ${line.name} received`,
                    )
                  }
                >
                  Received
                </button>
              </p>
            )}
            {!line.productId && <p>Choose a product for it in the colour chapter.</p>}
            {other && (
              <p className="flex flex-wrap items-center gap-2">
                or{" "}
                <select
                  aria-label={`In the place of ${line.name}`}
                  className="select select-sm !w-48"
                  value={other.product.id}
                  onChange={(event) => setPicked(event.target.value)}
                >
                  {offered.map((entry) => (
                    <option key={entry.product.id} value={entry.product.id}>
                      {entry.product.name}
                    </option>
                  ))}
                </select>
                <button type="button" className="btn btn-sm" onClick={() => void putIn()}>
                  Put it in
                </button>
                <span className="muted">
                  <Told>{other.words}</Told>
                </span>
              </p>
            )}
          </div>
        )}
      </td>
    </tr>
  );
}
