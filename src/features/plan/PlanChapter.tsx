"use client";

import { minutesWords } from "@/core/text/words";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { safetyNotes } from "@/core/look";
import type { DayStep, Plan } from "@/core/plan";
import { changeWords, RULES } from "@/core/rules";
import { FaceFigure } from "@/shared/figure/FaceFigure";
import { FigureOrPhoto } from "@/shared/photograph/FigureOrPhoto";
import { PlanTimeline } from "@/shared/figure/PlanTimeline";
import { SafetyStrip } from "@/shared/safety/SafetyStrip";
import { FindingsList } from "@/shared/workspace/FindingsList";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { Swatch } from "@/ui/Swatch";
import { RemovalCard } from "./RemovalCard";
import { TouchUps } from "./TouchUps";

/** The sheet to work from: everything on it computed, and printable. */
export function PlanChapter() {
  const { look, given, jobId, plan, fresh } = useWorking();
  if (!look.layers.length) {
    return (
      <div className="p-6">
        <Empty title="Nothing to plan yet">
          <p>The plan follows from the layers: put a base and what goes over it on the map.</p>
          <Link className="btn btn-primary" href={`/looks/${given.look.id}/${jobId}/map`}>
            To the map
          </Link>
        </Empty>
      </div>
    );
  }
  if (!plan)
    return (
      <p className="p-6" role="status">
        Working out the plan
      </p>
    );
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6 print:max-w-none print:p-0" aria-busy={!fresh}>
      {plan.stopped ? <Stopped /> : <Sheet plan={plan} />}
    </div>
  );
}

function Stopped() {
  return (
    <section className="max-w-2xl border-4 border-base-content p-5" aria-labelledby="stopped">
      <h2 id="stopped" className="text-2xl">
        This plan is stopped
      </h2>
      <p className="mt-2 mb-4">
        A safety rule speaks against painting it like this on this person. The steps come back when
        it is mended. The product&apos;s label, local rules and licensed professionals decide.
      </p>
      <FindingsList />
    </section>
  );
}

function Sheet({ plan }: { plan: Plan }) {
  const say = useSay();
  const { look, given, context, prediction } = useWorking();
  const sheet = (what: string) =>
    `/api/looks/${given.look.id}/sheet?what=${what}${given.job ? `&job=${given.job.id}` : ""}`;
  const { person, brief } = context;
  const { times } = plan;
  return (
    <>
      <header className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h2 className="text-3xl">
            {look.name} <span className="font-sans text-lg font-normal">on {person.name}</span>
          </h2>
          <p className="muted">
            {[
              brief.place,
              times && say.day(times.curtainAt),
              `${say.degrees(brief.airDegC)}, ${brief.rh} %`,
              `${brief.hoursWorn} h worn`,
            ]
              .filter(Boolean)
              .join(" · ")}
          </p>
        </div>
        <div className="no-print flex flex-wrap gap-2">
          <a className="btn" href={sheet("card")} target="_blank" rel="noreferrer">
            Job card (PDF)
          </a>
          <a className="btn" href={sheet("plan")} target="_blank" rel="noreferrer">
            Plan (PDF)
          </a>
          <button type="button" className="btn btn-primary" onClick={() => window.print()}>
            <Printer size={18} aria-hidden />
            Print the plan
          </button>
        </div>
      </header>
      <SafetyStrip notes={safetyNotes(look, context)} className="mt-3" />
      <div className="mt-4 grid gap-5 md:grid-cols-[15rem_1fr] print:grid-cols-[52mm_1fr]">
        <div
          className="self-start overflow-hidden rounded-box bg-surround"
          style={{ printColorAdjust: "exact" }}
        >
          <FigureOrPhoto {...{ look, context, prediction }}>
            <FaceFigure
              id="sheet"
              look={look}
              context={context}
              prediction={prediction}
              title={`${look.name}, predicted on ${person.name}`}
              guides={{ hat: false }}
              className="h-auto w-full"
            />
          </FigureOrPhoto>
        </div>
        <div>
          <dl aria-label="Times" className="grid grid-cols-2 gap-x-6 gap-y-2 sm:grid-cols-4">
            {times && (
              <>
                <Time label="Start" value={say.clock(times.startAt)} big />
                <Time label="Painted by" value={say.clock(times.paintedBy)} />
                <Time label="Leave by" value={say.clock(times.leaveBy)} />
                <Time label="Curtain" value={say.clock(times.curtainAt)} />
              </>
            )}
            <Time label="At the chair" value={minutesWords(plan.chairMinutes)} big={!times} />
            <Time label="Hands on" value={minutesWords(plan.handsOnMinutes)} />
            <Time label="Waiting time" value={minutesWords(plan.order.idle)} />
            <Time label="Fastest possible" value={minutesWords(plan.lowerBoundMinutes)} />
          </dl>
          {!times && (
            <p className="muted mt-2 text-sm">
              Set the curtain in the brief and the start is counted back from it.
            </p>
          )}
          <div className="mt-4">
            <PlanTimeline plan={plan} />
          </div>
          <p className="muted text-xs">
            Solid: hands on. Dashed: drying or resting. Hands-on minutes: area over the tool&apos;s
            rate, or stroke length over its speed. Drying: evaporation at this temperature, humidity
            and air (ASHRAE).
          </p>
        </div>
      </div>
      <h3 className="mt-6 mb-2 text-xl">Steps</h3>
      <DayList title="Before the first layer" steps={plan.day.before} />
      <Steps plan={plan} />
      <DayList title="After the last" steps={plan.day.after} />
      <div className="mt-6 grid gap-6 lg:grid-cols-2 print:grid-cols-2">
        <Kit plan={plan} />
        <div className="flex flex-col gap-6">
          {plan.findings.length > 0 && (
            <section className="keep">
              <h3 className="mb-2 text-xl">Findings</h3>
              <ul aria-label="Findings" className="flex flex-col gap-1.5 text-sm">
                {plan.findings.map(({ key, rule, message }) => (
                  <li key={key} className="border-l-4 border-base-content pl-3">
                    <Told>{message}</Told>{" "}
                    <Link className="link" href={`/rules#${rule}`} title={RULES[rule].title}>
                      {rule}
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section className="keep">
            <h3 className="mb-2 text-xl">Cautions</h3>
            <ul aria-label="Cautions" className="flex flex-col gap-1.5 text-sm">
              {plan.cautions.map(({ rule, text }) => (
                <li key={rule + text} className="border-l-4 border-base-content pl-3">
                  <Told>{text}</Told>{" "}
                  <Link className="link" href={`/rules#${rule}`} title={RULES[rule].title}>
                    {rule}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
          <TouchUps />
          <section className="keep" aria-labelledby="taking-it-off">
            <h3 id="taking-it-off" className="mb-2 text-xl">
              Taking it off
            </h3>
            <ol className="text-sm">
              {plan.removal.steps.map((entry) => (
                <li key={entry.label} className="border-t rule py-1">
                  <strong>{entry.label}</strong>: {entry.with}, about {minutesWords(entry.minutes)}
                  {entry.care && `; ${entry.care}`}
                </li>
              ))}
            </ol>
            {plan.removal.hurry && <p className="mt-2 text-sm">{plan.removal.hurry}</p>}
            {plan.removal.stains.length > 0 && (
              <p className="mt-2 border-l-4 border-base-content pl-3 text-sm">
                {plan.removal.stains
                  .map(
                    ({ name, words }) =>
                      `${name} is ${words.startsWith("likely") ? words : `a colour that ${words}`}`,
                  )
                  .join("; ")}
                .{" "}
                <Link className="link" href="/rules#REMOVE-1">
                  REMOVE-1
                </Link>
              </p>
            )}
            <RemovalCard />
          </section>
          <HouseNote />
          <section className="no-print">
            <h3 className="mb-2 text-xl">Findings</h3>
            <FindingsList />
          </section>
        </div>
      </div>
    </>
  );
}

function DayList({ title, steps }: { title: string; steps: readonly DayStep[] }) {
  return (
    <section aria-label={title} className="keep my-2 text-sm">
      <h4 className="font-bold">{title}</h4>
      <ul className="list-disc pl-5">
        {steps.map(({ rule, text }) => (
          <li key={text}>
            <Told>{text}</Told>{" "}
            <Link className="link" href={`/rules#${rule}`} title={RULES[rule].title}>
              {rule}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Which rules this plan was made with, where the painter holds something differently. */
function HouseNote() {
  const { given } = useWorking();
  const { version, changes } = given.house;
  const words = changeWords(changes);
  return (
    <section className="keep text-sm" aria-label="Rules and numbers of this plan">
      <p>
        {words.length ? (
          <>
            Made with{" "}
            <Link className="link" href="/rules">
              your rules and numbers, version {version}
            </Link>
            : {words.join("; ")}.
          </>
        ) : (
          <>
            Made with the{" "}
            <Link className="link" href="/rules">
              default rules and numbers
            </Link>{" "}
            {version > 0 && ` (version ${version})`}.
          </>
        )}{" "}
        <Link className="link" href="/safety">
          Safety
        </Link>
        : the product&apos;s label, local rules and licensed professionals come first.
      </p>
    </section>
  );
}

function Time({ label, value, big = false }: { label: string; value: string; big?: boolean }) {
  return (
    <div>
      <dt className="muted text-sm">{label}</dt>
      <dd className={`font-display font-bold ${big ? "text-3xl" : "text-2xl"}`}>{value}</dd>
    </div>
  );
}

function Steps({ plan }: { plan: Plan }) {
  const say = useSay();
  return (
    <div className="overflow-x-auto">
      <table className="cards-when-narrow w-full min-w-[46rem] border-collapse text-sm print:min-w-0">
        <caption className="sr-only">Steps in working order</caption>
        <thead>
          <tr className="border-b-2 border-base-content text-left">
            {["", "Step", "Paint", "Tool", "Coats", "Minutes", "Then"].map((head) => (
              <th key={head} scope="col" className="px-2 py-1.5 font-bold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.steps.map((step, i) => (
            <tr key={step.layerId} className="keep border-b rule align-top">
              <td className="muted px-2 py-2">{i + 1}</td>
              <th scope="row" className="card-head px-2 py-2 text-left">
                <span className="block font-bold">{step.title}</span>
                <span className="muted block font-normal">{step.where}</span>
                {step.notes && (
                  <span className="block font-normal italic">
                    <Told>{step.notes}</Told>
                  </span>
                )}
              </th>
              <td className="px-2 py-2">
                <span className="flex gap-2">
                  <Swatch hex={step.hex} size={24} />
                  <span>
                    <span className="block">{step.paint}</span>
                    <span className="muted block">
                      {step.amounts
                        .map(({ name, grams, counted }) =>
                          step.amounts.length > 1
                            ? `${say.amount(grams, counted)} ${name}`
                            : say.amount(grams, counted),
                        )
                        .join(", ")}
                    </span>
                  </span>
                </span>
              </td>
              <td className="px-2 py-2">
                {step.tool}
                <span className="muted block">{step.technique}</span>
              </td>
              <td data-label="Coats" className="px-2 py-2">
                {step.coats}
                {step.role !== null && (
                  <span className="muted block text-xs">
                    {step.coatsComputed ? "computed" : "fixed"}
                  </span>
                )}
              </td>
              <td className="px-2 py-2 whitespace-nowrap">
                {minutesWords(step.handsOnMinutes)}
                <span className="muted block">
                  {Math.round(step.from)} to{" "}
                  {Math.max(Math.round(step.to), Math.round(step.from) + 1)}
                </span>
              </td>
              <td className="px-2 py-2">
                <Told>{step.rest}</Told>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <HowWorkedOut>
        Coats that are computed: the first whose predicted colour is within a colour difference of 2
        of the paint&apos;s own, film by film over what lies below (Kubelka and Munk). Colours
        beside the paint are predicted on this skin.
      </HowWorkedOut>
    </div>
  );
}

function Kit({ plan }: { plan: Plan }) {
  const say = useSay();
  return (
    <section>
      <h3 className="mb-2 text-xl">Paint needed and in stock</h3>
      <table className="w-full text-sm">
        <caption className="sr-only">Paint needed against stock</caption>
        <thead>
          <tr className="border-b-2 border-base-content text-left">
            <th scope="col" className="py-1.5">
              Product
            </th>
            <th scope="col" className="text-right">
              Takes
            </th>
            <th scope="col" className="text-right">
              Left
            </th>
            <th scope="col" className="pl-4">
              State
            </th>
          </tr>
        </thead>
        <tbody>
          {plan.kit.map((need) => (
            <tr key={need.productId ?? need.material} className="border-b rule">
              <th scope="row" className="py-1.5 text-left font-semibold">
                {need.name}
              </th>
              <td className="text-right">{say.amount(need.grams, need.counted)}</td>
              <td className="text-right">
                {need.productId ? say.amount(need.left, need.counted) : "not chosen"}
              </td>
              <td className="pl-4">
                {need.missing > 0.005 ? (
                  <strong>short {say.amount(need.missing, need.counted)}</strong>
                ) : (
                  "enough"
                )}
                {need.expired && (
                  <strong className="block">past its date, {say.date(need.expired)}</strong>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="muted mt-1 text-xs">
        Skin area times dry film a coat, times coats, with what stays in the tool.
      </p>
    </section>
  );
}
