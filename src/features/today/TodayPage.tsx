import type { Manner } from "@/core/text/manner";
import { sayer, type Say } from "@/core/text/say";
import { minutesWords } from "@/core/text/words";
import { Link } from "@/ui/Link";
import { FirstRun } from "./FirstRun";
import { Reminders } from "./Reminders";
import { safetyNotes } from "@/core/look";
import { contextOf } from "@/core/record";
import { LookPicture } from "@/shared/figure/LookPicture";
import type { LookCard } from "@/server/lookCards";
import type { Starter } from "@/server/start";
import type { Today } from "@/server/today";
import { Page } from "@/ui/Page";

interface TodayPageProps {
  today: Today;
  starters: readonly Starter[];
  manner: Manner;
}

/** Put together on the server: a browser need not have whole looks to read what is next. */
export function TodayPage({ today, starters, manner }: TodayPageProps) {
  const say = sayer(manner);
  const nothing = today.looks === 0 && today.products === 0;
  return (
    <Page
      title="Today"
      lead={say.day(today.date)}
      action={
        <Link href="/looks/new" className="btn btn-primary">
          New look from a brief
        </Link>
      }
    >
      {nothing ? (
        <FirstRun starters={starters} />
      ) : (
        <div className="grid gap-6 lg:grid-cols-[1fr_20rem]">
          <section aria-label="Next">
            <h2 className="mb-3 text-xl">Next, counted back from the curtain</h2>
            {today.next.length === 0 && (
              <p className="card-plain p-4">
                No dated job ahead. Set a curtain in a look&apos;s brief and its start time stands
                here.
              </p>
            )}
            <ul className="flex flex-col gap-3">
              {today.next.map((card) => (
                <NextJob key={card.job?.id ?? card.look.id} card={card} say={say} />
              ))}
            </ul>
          </section>
          <Reminders today={today} />
        </div>
      )}
    </Page>
  );
}

function NextJob({ card, say }: { card: LookCard; say: Say }) {
  const { look, job, personName, plan, given } = card;
  const short = plan.kit.filter((need) => need.missing > 0.005);
  return (
    <li className="card-plain flex overflow-hidden max-sm:flex-col">
      <div className="shrink-0 bg-surround max-sm:h-40 sm:w-36">
        <LookPicture card={card} className="h-full w-full" />
      </div>
      <div className="flex flex-1 flex-wrap items-start justify-between gap-3 p-4">
        <div className="min-w-0 flex-1 basis-72">
          <h3 className="text-xl">
            <Link
              className="hover:underline"
              href={`/looks/${look.id}/${job?.id ?? "anyone"}/plan`}
            >
              {look.design.name}
            </Link>
          </h3>
          <p className="muted text-sm">
            on {personName} · {job?.brief.place}
          </p>
          <p className="mt-2 text-sm">
            {minutesWords(plan.chairMinutes)}{" "}
            <Link className="link" href={`/chair/${look.id}/${job?.id ?? "anyone"}`}>
              at the chair
            </Link>{" "}
            · {say.degrees(given.brief.airDegC)}, {given.brief.rh} %
          </p>
          <p className="mt-1 text-sm font-semibold">
            {/* What to do when skin reacts stands on the plan, at the chair and on every print. */}
            {safetyNotes(look.design, contextOf(given))
              .filter(({ kind }) => kind !== "reaction")
              .map(({ text }) => text)
              .join(" ")}
          </p>
          <p className="mt-1 text-sm">
            {plan.stopped ? (
              <strong>Stopped by a safety rule: open the plan.</strong>
            ) : short.length ? (
              <strong>Short of {short.map((need) => need.name).join(", ")}</strong>
            ) : (
              "All paint is on the shelf."
            )}
          </p>
        </div>
        {plan.times && (
          <dl className="grid grid-cols-2 gap-x-5 text-right">
            <div>
              <dt className="muted text-sm">{say.day(plan.times.startAt)}, start</dt>
              <dd className="font-display text-3xl font-bold">{say.clock(plan.times.startAt)}</dd>
            </div>
            <div>
              <dt className="muted text-sm">curtain</dt>
              <dd className="font-display text-3xl">{say.clock(plan.times.curtainAt)}</dd>
            </div>
          </dl>
        )}
      </div>
    </li>
  );
}
