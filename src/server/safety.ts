import "server-only";
import { stopsOf, type Finding } from "@/core/look";
import { contextOf } from "@/core/record";
import { stopped } from "./problem";
import type { Workspace } from "./workspace";

type Planned = Pick<
  Workspace,
  | "look"
  | "person"
  | "brief"
  | "products"
  | "archivedProducts"
  | "today"
  | "house"
  | "settings"
  | "factors"
  | "speed"
>;

/** What a safety rule stops of a look on the person and in the brief it was opened for. */
export const stopsHere = (given: Planned): Finding[] =>
  stopsOf(given.look.design, contextOf(given));

/**
 * A draft is always saved; what a stop withholds is whatever one would paint from: plan, chair,
 * templates, calendar and prints. It withholds for the job whose person it concerns, and without a
 * job for the look.
 *
 * @throws Problem 422 with the findings
 */
export function withhold(given: Planned): void {
  const findings = stopsHere(given);
  if (findings.length) throw stopped(findings);
}
