import Link from "next/link";
import type { ReactNode } from "react";
import { safetyNotes } from "@/core/look";
import { contextOf } from "@/core/record";
import { LaterFigure } from "@/shared/figure/LaterFigure";
import type { LookCard } from "@/server/lookCards";
import type { Today } from "@/server/today";
import { Empty } from "@/ui/Empty";
import { clock, dayWords, amountWords, gramsWords, minutesWords } from "@/ui/format";
import { Page } from "@/ui/Page";

export function TodayPage({ today }: { today: Today }) {
  const nothing = today.looks === 0 && today.products === 0;
  return (
    <Page
      title="Today"
      lead={dayWords(today.date)}
      action={
        <Link href="/looks/new" className="btn btn-primary">
          New look from a brief
        </Link>
      }
    >
      {nothing ? (
        <Empty title="What are you painting, on whom, for how long?">
          <p>
            A brief is enough for a first plan: who, what, where and when. Dermagraph chooses the
            paint, and you put it on a face in millimetres.
          </p>
          <Link href="/looks/new" className="btn btn-primary btn-lg">
            Start with a brief
          </Link>
          <p className="muted text-sm">
            No products yet?{" "}
            <Link className="link" href="/shelf">
              The shelf
            </Link>{" "}
            takes yours, or lends an invented one to try with.
          </p>
        </Empty>
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
                <NextJob key={card.job?.id ?? card.look.id} card={card} />
              ))}
            </ul>
          </section>
          <div className="flex flex-col gap-6">
            <Due title="Patch tests to read" none="None waiting.">
              {today.patchTests.map((test) => (
                <li key={test.personId + test.productName}>
                  <Link className="link" href={`/people/${test.personId}`}>
                    {test.personName}
                  </Link>
                  : {test.productName},{" "}
                  {test.reading === "first" ? "first reading" : "late reading"}{" "}
                  {test.due <= today.date ? (
                    <strong>due{test.due < today.date && ` since ${dayWords(test.due)}`}</strong>
                  ) : (
                    dayWords(test.due)
                  )}
                </li>
              ))}
            </Due>
            <Due title="To order" none="The next jobs have all they need.">
              {today.orders.map((order) => (
                <li key={order.name}>
                  {order.productId ? (
                    <Link className="link" href={`/shelf/${order.productId}`}>
                      {order.name}
                    </Link>
                  ) : (
                    order.name
                  )}
                  : {gramsWords(order.missing)} short for {order.looks.join(", ")};{" "}
                  {order.by < today.date ? (
                    <strong>
                      should have been ordered by {dayWords(order.by)}: find a substitute, or fetch
                      it
                    </strong>
                  ) : order.by === today.date ? (
                    <strong>order today</strong>
                  ) : (
                    `order by ${dayWords(order.by)}`
                  )}
                </li>
              ))}
            </Due>
            <Due title="To build" none="No piece is waiting.">
              {today.builds.map((build) => (
                <li key={build.jobId + build.name}>
                  <Link className="link" href={`/looks/${build.lookId}/${build.jobId}/pieces`}>
                    {build.name}
                  </Link>{" "}
                  for {build.look}:{" "}
                  {build.startOn < today.date ? (
                    <strong>
                      {build.next}, due since {dayWords(build.startOn)}
                    </strong>
                  ) : build.startOn === today.date ? (
                    <strong>{build.next}, today</strong>
                  ) : (
                    `begin by ${dayWords(build.startOn)}`
                  )}
                </li>
              ))}
            </Due>
            <Due title="Records missing" none="Every look that was worn has its record.">
              {today.unrecorded.map((job) => (
                <li key={job.jobId}>
                  <Link className="link" href={`/looks/${job.lookId}/${job.jobId}/record`}>
                    {job.look}
                  </Link>{" "}
                  on {job.personName}, {dayWords(job.on)}
                </li>
              ))}
            </Due>
            <Due title="Going off" none="Nothing within a month.">
              {today.expiring.list.map((product) => (
                <li key={product.id}>
                  <Link className="link" href={`/shelf/${product.id}`}>
                    {product.name}
                  </Link>
                  :{" "}
                  {product.past ? (
                    <strong>past its date, {dayWords(product.date)}</strong>
                  ) : (
                    `good until ${dayWords(product.date)}`
                  )}
                </li>
              ))}
              {today.expiring.more > 0 && (
                <li>
                  and {today.expiring.more} more{" "}
                  <Link className="link" href="/shelf">
                    on the shelf
                  </Link>
                </li>
              )}
            </Due>
            <Due title="Running out" none="Every pot is above 15 %.">
              {today.low.list.map((product) => (
                <li key={product.id}>
                  <Link className="link" href={`/shelf/${product.id}`}>
                    {product.name}
                  </Link>
                  : {amountWords(product.left, product.counted)} of{" "}
                  {amountWords(product.size, product.counted)} left
                </li>
              ))}
              {today.low.more > 0 && (
                <li>
                  and {today.low.more} more{" "}
                  <Link className="link" href="/shelf">
                    on the shelf
                  </Link>
                </li>
              )}
            </Due>
          </div>
        </div>
      )}
    </Page>
  );
}

function Due({ title, none, children }: { title: string; none: string; children: ReactNode[] }) {
  return (
    <section>
      <h2 className="mb-1 text-lg">{title}</h2>
      {children.length ? (
        <ul className="flex flex-col gap-1.5 text-sm">{children}</ul>
      ) : (
        <p className="muted text-sm">{none}</p>
      )}
    </section>
  );
}

function NextJob({ card }: { card: LookCard }) {
  const { look, job, personName, plan, given } = card;
  const short = plan.kit.filter((need) => need.missing > 0.005);
  return (
    <li className="card-plain flex overflow-hidden">
      <div className="w-36 shrink-0 bg-surround">
        <LaterFigure
          id={`next-${job?.id ?? look.id}`}
          look={look.design}
          setting={given}
          title={`${look.design.name} on ${personName}`}
          className="h-full w-full"
        />
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
            · {given.brief.airDegC} °C, {given.brief.rh} %
          </p>
          <p className="mt-1 text-sm font-semibold">
            {safetyNotes(look.design, contextOf(given))
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
              <dt className="muted text-sm">{dayWords(plan.times.startAt)}, start</dt>
              <dd className="font-display text-3xl font-bold">{clock(plan.times.startAt)}</dd>
            </div>
            <div>
              <dt className="muted text-sm">curtain</dt>
              <dd className="font-display text-3xl">{clock(plan.times.curtainAt)}</dd>
            </div>
          </dl>
        )}
      </div>
    </li>
  );
}
