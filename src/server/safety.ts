import "server-only";
import { stopsOf, lookContext, type Look } from "@/core/look";
import { STAND_IN, type Person } from "@/core/people";
import { USUAL_BRIEF, type Brief } from "@/core/brief";
import { findPerson, listJobs, listProducts, type Store } from "@/store";
import { stopped } from "./problem";
import { today } from "./studio";

/**
 * Refuses a look that a safety rule stops on any person it is planned for; a look without a job is judged on a stand-in.
 * @throws Problem 422 with the findings
 */
export async function refuseStops(
  db: Store,
  look: Look,
  o: { lookId?: string; settings?: readonly { person: Person; brief: Brief }[] } = {},
): Promise<void> {
  const products = [...(await listProducts(db)), ...(await listProducts(db, { archived: true }))];
  const jobs = o.lookId ? await listJobs(db, { lookId: o.lookId }) : [];
  const planned = await Promise.all(
    jobs.map(async (job) => ({ person: await findPerson(db, job.personId), brief: job.brief })),
  );
  const settings = [
    ...(o.settings ?? []),
    ...planned.flatMap(({ person, brief }) => (person ? [{ person, brief }] : [])),
  ];
  const judged = settings.length ? settings : [{ person: STAND_IN, brief: USUAL_BRIEF }];
  const findings = judged.flatMap(({ person, brief }) =>
    stopsOf(look, lookContext({ person, brief, products, today: today() })),
  );
  if (findings.length) throw stopped(findings);
}
