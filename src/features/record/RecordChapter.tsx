"use client";

import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";
import { minutesWords, oneOrMore, plural } from "@/core/text/words";
import { zoneInfo } from "@/core/anatomy";
import { material, isPaintType, type MaterialKey } from "@/core/paint";
import { ANSWERS, disagreements, ratioOf, type WornRecord } from "@/core/record";
import { factorOf, HOUSE_FACTOR, wearKeyOf, type WearFactor, type WearKey } from "@/core/wear";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Empty } from "@/ui/Empty";
import { Told } from "@/shared/say/Told";
import { checkWords } from "./FromPhoto";
import { NewRecord } from "./NewRecord";
import { NextVersion } from "./NextVersion";
import { UsedCard } from "./UsedCard";

/** What happened when the look was painted and worn: minutes by step, how it held zone by zone beside the forecast, how the skin took it, what to change. */
export function RecordChapter() {
  const { given } = useWorking();
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6">
      <h2 className="text-2xl">Record</h2>
      <NextVersion />
      {given.job ? (
        <NewRecord />
      ) : (
        <Empty title="Nobody has worn it yet">
          <p>A record belongs to a job: a person, a day, a place. Give the look a brief first.</p>
        </Empty>
      )}
      <UsedCard />
      <Factors factors={given.factors} />
      <Earlier records={given.records} />
    </div>
  );
}

/** The house's forecast beside the painter's own, type by type and product by product, with how many records stand behind it. */
function Factors({ factors }: { factors: Partial<Record<WearKey, WearFactor>> }) {
  const say = useSay();
  const { context } = useWorking();
  const kinds = Object.keys(factors).filter((key) => isPaintType(key as MaterialKey));
  const known: { name: string; factor: WearFactor | undefined }[] = [
    ...kinds.map((key) => ({
      name: material(key as MaterialKey).label,
      factor: factors[key as WearKey],
    })),
    ...[...context.products.values()].map(({ id, name }) => ({
      name,
      factor: factors[wearKeyOf(id)],
    })),
  ].filter(({ factor }) => factor);
  return (
    <section aria-label="What the records say" className="card-plain mt-4 p-4 sm:p-5">
      <h3 className="text-lg">What your records say</h3>
      {known.length === 0 ? (
        <p className="muted mt-1">Nothing yet: forecasts are the defaults.</p>
      ) : (
        <ul className="mt-1 text-sm">
          {known.map(({ name, factor = HOUSE_FACTOR }) => {
            const { mean, deviation } = factorOf(factor);
            return (
              <li key={name} className="border-t rule py-1.5 first:border-0">
                <strong className="inline-block first-letter:uppercase">{name}</strong> wears{" "}
                {Math.abs(mean - 1) < 0.05
                  ? "as the default forecast"
                  : `${mean > 1 ? `${say.number(mean, 1)} times as fast as` : `${Math.round((1 - mean) * 100)} % slower than`} the default forecast`}{" "}
                <span className="muted">
                  give or take {Math.round((deviation / mean) * 100)} %, by {factor.from}{" "}
                  {plural(factor.from, "look")} at it
                </span>
              </li>
            );
          })}
        </ul>
      )}
      <HowWorkedOut>
        The default forecast is a gamma prior, moved by what was seen (conjugate update). A product
        begins from what its kind has shown. Forecasts on the map and in the plan count it, and so
        does the choice of paint.
      </HowWorkedOut>
    </section>
  );
}

function Earlier({ records }: { records: readonly WornRecord[] }) {
  const say = useSay();
  const { given } = useWorking();
  if (!records.length) return null;
  return (
    <section aria-label="Earlier" className="mt-6">
      <h3 className="text-lg">Earlier</h3>
      <Evenness records={records} />
      <ul>
        {records.map((record) => {
          const ratio = ratioOf(record);
          const pictures = given.pictures.filter(({ recordId }) => recordId === record.id);
          const wrong = disagreements(record).length;
          return (
            <li key={record.id} className="border-t rule py-2 text-sm">
              <p>
                <strong>{say.day(record.on)}</strong>
                {record.rehearsal && ", rehearsal"}{" "}
                <span className="muted">
                  {[
                    record.brief.place,
                    `${say.degrees(record.brief.airDegC)}, ${record.brief.rh} %`,
                  ]
                    .filter(Boolean)
                    .join(" · ")}
                </span>
              </p>
              {record.verdict && <p>{record.verdict}</p>}
              {(record.fits || record.reads) && (
                <p>
                  {[
                    record.fits && `Fits the character: ${ANSWERS[record.fits]}`,
                    record.reads && `reads as meant: ${ANSWERS[record.reads]}`,
                  ]
                    .filter(Boolean)
                    .join("; ")}
                  .
                </p>
              )}
              {record.reaction && (
                <p>
                  <strong>Skin:</strong> {record.reaction}
                </p>
              )}
              {ratio !== null && (
                <p>
                  {minutesWords(record.steps.reduce((sum, step) => sum + step.actualMinutes, 0))}{" "}
                  hands on, {Math.round(Math.abs(ratio - 1) * 100)} %{" "}
                  {ratio >= 1 ? "over" : "under"} the default minutes; furthest out:{" "}
                  {widest(record)}
                  {record.interruptions.length > 0 &&
                    `. Interrupted ${minutesWords(record.interruptions.reduce((sum, entry) => sum + entry.minutes, 0))}: ${
                      record.interruptions
                        .map(({ why }) => why)
                        .filter(Boolean)
                        .join(", ") || "no reason given"
                    }`}
                  .
                </p>
              )}
              {record.wear.length > 0 && (
                <p>
                  {record.wear
                    .map(
                      (seen) =>
                        `${zoneInfo(seen.zone).label} ${seen.wholePercent} % after ${seen.afterHours} h (forecast ${seen.forecastPercent} %)`,
                    )
                    .join("; ")}
                  {wrong > 0 && <strong>: {oneOrMore(wrong, "area")} lasted differently</strong>}
                </p>
              )}
              {record.check && (
                <p>
                  <strong>By photograph:</strong> {checkWords(record.check)}{" "}
                  <Told>{record.check.findings.join(" ")}</Told>
                </p>
              )}
              {record.changes.length > 0 && (
                <p>
                  <strong>To change:</strong> {record.changes.join("; ")}
                </p>
              )}
              {pictures.length > 0 && (
                <ul className="mt-1 flex flex-wrap gap-2">
                  {pictures.map((picture, i) => (
                    <li key={picture.id}>
                      <a
                        href={`/api/record-pictures/${picture.id}`}
                        target="_blank"
                        rel="noreferrer"
                      >
                        <img
                          src={`/api/record-pictures/${picture.id}`}
                          alt={`${say.day(record.on)}, ${i + 1} of ${pictures.length}`}
                          className="h-24 w-auto rounded bg-surround"
                        />
                      </a>
                    </li>
                  ))}
                </ul>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Whether the paint goes on more evenly from one time to the next, by the photographs of it. */
function Evenness({ records }: { records: readonly WornRecord[] }) {
  const say = useSay();
  const measured = records
    .flatMap(({ on, check }) => (check ? [{ on, uneven: check.unevenPercent }] : []))
    .toSorted((a, b) => a.on.localeCompare(b.on));
  const [first, last] = [measured[0], measured.at(-1)];
  if (!first || !last || measured.length < 2) return null;
  const way =
    last.uneven < first.uneven - 1
      ? "It goes on more evenly than at first"
      : last.uneven > first.uneven + 1
        ? "It goes on less evenly than at first"
        : "It goes on as evenly as at first";
  return (
    <p className="mb-2 text-sm">
      {way}: cover varies by{" "}
      {measured.map(({ on, uneven }) => `${uneven} % on ${say.day(on)}`).join(", ")}.
    </p>
  );
}

/** The step that went most otherwise than the house plans it. */
function widest({ steps }: WornRecord): string {
  const step = steps
    .filter(({ plannedMinutes }) => plannedMinutes > 0)
    .reduce<(typeof steps)[number] | null>(
      (most, entry) =>
        most &&
        Math.abs(most.actualMinutes - most.plannedMinutes) >=
          Math.abs(entry.actualMinutes - entry.plannedMinutes)
          ? most
          : entry,
      null,
    );
  return step
    ? `${step.name} ${minutesWords(step.actualMinutes)} for ${minutesWords(step.plannedMinutes)}`
    : "none";
}
