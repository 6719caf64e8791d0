import type { Health } from "../brief";
import type { LookContext } from "./context";

/** What counts today of what was asked: said today, or on the card because it lasts (SAFE-13). */
export function healthOf({
  person,
  brief,
}: Pick<LookContext, "person" | "brief">): { answer: Health; lasts: boolean }[] {
  const lasting: Health[] = [
    ...(person.asthma ? (["asthma"] as const) : []),
    ...(person.lenses ? (["lenses"] as const) : []),
  ];
  return [
    ...lasting.map((answer) => ({ answer, lasts: true })),
    ...brief.health
      .filter((answer) => !lasting.includes(answer))
      .map((answer) => ({ answer, lasts: false })),
  ];
}
