"use client";

import type { ReactNode } from "react";
import { useSay } from "@/shared/say/useSay";
import { Link } from "@/ui/Link";
import type { Today } from "@/server/today";

/** What is due beside the next jobs: tests to read, orders, builds, records, pots that go off or run out. */
export function Reminders({ today }: { today: Today }) {
  const say = useSay();
  return (
    <div className="flex flex-col gap-6">
      <Due title="Patch tests to check" none="None waiting.">
        {today.patchTests.map((test) => (
          <li key={test.personId + test.productName}>
            <Link className="link" href={`/people/${test.personId}`}>
              {test.personName}
            </Link>
            : {test.productName}, {test.reading === "first" ? "first reading" : "late reading"}{" "}
            {test.due <= today.date ? (
              <strong>due{test.due < today.date && ` since ${say.day(test.due)}`}</strong>
            ) : (
              say.day(test.due)
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
            : {say.mass(order.missing)} short for {order.looks.join(", ")};{" "}
            {order.by < today.date ? (
              <strong>
                should have been ordered by {say.day(order.by)}: find a substitute, or fetch it
              </strong>
            ) : order.by === today.date ? (
              <strong>order today</strong>
            ) : (
              `order by ${say.day(order.by)}`
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
                {build.next}, due since {say.day(build.startOn)}
              </strong>
            ) : build.startOn === today.date ? (
              <strong>{build.next}, today</strong>
            ) : (
              `begin by ${say.day(build.startOn)}`
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
            on {job.personName}, {say.day(job.on)}
          </li>
        ))}
      </Due>
      <Due title="Expiring" none="Nothing within a month.">
        {today.expiring.list.map((product) => (
          <li key={product.id}>
            <Link className="link" href={`/shelf/${product.id}`}>
              {product.name}
            </Link>
            :{" "}
            {product.past ? (
              <strong>past its date, {say.day(product.date)}</strong>
            ) : (
              `good until ${say.day(product.date)}`
            )}
          </li>
        ))}
        <More count={today.expiring.more} />
      </Due>
      <Due title="Running out" none="Every pot is above 15 %.">
        {today.low.list.map((product) => (
          <li key={product.id}>
            <Link className="link" href={`/shelf/${product.id}`}>
              {product.name}
            </Link>
            : {say.amount(product.left, product.counted)} of{" "}
            {say.amount(product.size, product.counted)} left
          </li>
        ))}
        <More count={today.low.more} />
      </Due>
    </div>
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

/** What a list leaves out. */
function More({ count }: { count: number }) {
  if (!count) return null;
  return (
    <li>
      and {count} more{" "}
      <Link className="link" href="/shelf">
        on the shelf
      </Link>
    </li>
  );
}
