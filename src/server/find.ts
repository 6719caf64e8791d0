import "server-only";
import { rule, RULE_IDS } from "@/core/rules";
import {
  listJobs,
  listLookHeads,
  listMixes,
  listPalettes,
  listPeople,
  listProducts,
} from "@/store";
import { studio } from "./studio";

/** Something one can go to: what it is called, what it is, and its address. */
export interface Place {
  readonly name: string;
  readonly kind: "look" | "job" | "person" | "product" | "mix" | "palette" | "rule";
  readonly href: string;
}

/** Everything of the studio that has a name, archived things left out. */
export async function places(): Promise<readonly Place[]> {
  const db = await studio();
  const [looks, jobs, people, products, mixes, palettes] = await Promise.all([
    listLookHeads(db),
    listJobs(db),
    listPeople(db),
    listProducts(db),
    listMixes(db),
    listPalettes(db),
  ]);
  const lookNames = new Map(looks.map(({ id, name }) => [id, name]));
  const personNames = new Map(people.map(({ id, name }) => [id, name]));
  return [
    ...looks.map(({ id, name }): Place => ({
      name,
      kind: "look",
      href: `/looks/${id}/anyone/map`,
    })),
    ...jobs.map((job): Place => ({
      name: [lookNames.get(job.lookId), personNames.get(job.personId), job.brief.place]
        .filter(Boolean)
        .join(", "),
      kind: "job",
      href: `/looks/${job.lookId}/${job.id}/plan`,
    })),
    ...people.map(({ id, name }): Place => ({ name, kind: "person", href: `/people/${id}` })),
    ...products.map(({ id, name, maker }): Place => ({
      name: maker ? `${name}, ${maker}` : name,
      kind: "product",
      href: `/shelf/${id}`,
    })),
    ...mixes.map(({ id, name }): Place => ({ name, kind: "mix", href: `/mixing/${id}` })),
    ...palettes.map(({ id, name }): Place => ({
      name,
      kind: "palette",
      href: `/shelf/palettes/${id}`,
    })),
    ...RULE_IDS.map((id): Place => ({
      name: `${id}: ${rule(id).title}`,
      kind: "rule",
      href: `/rules#${id}`,
    })),
  ];
}
