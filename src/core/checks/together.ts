import type { LookPatch } from "../design/patch";
import { listed } from "../text/words";
import type { Remark } from "./finding";

/** A remark about one layer, before those of one cause are said together. */
export interface Part {
  readonly name: string;
  readonly where: Remark["where"];
  readonly mend: { readonly fix: LookPatch; readonly fixLabel: string } | null;
}

/**
 * One remark for one cause over many layers: who, in words, and a button only where it mends them all.
 * @param say the remark about these names @param all what the button says where it mends several
 */
export function together(
  parts: readonly Part[],
  say: (names: string, count: number) => Pick<Remark, "rule" | "severity" | "message">,
  all: string,
): Remark[] {
  const [first] = parts;
  if (!first) return [];
  const names = [...new Set(parts.map(({ name }) => name))];
  const zones = [...new Set(parts.flatMap(({ where }) => where.zones))];
  const mends = parts.flatMap(({ mend }) => (mend ? [mend] : []));
  const [only] = mends;
  const whole = mends.length === parts.length;
  return [
    {
      ...say(listed(names), names.length),
      where: names.length === 1 ? { ...first.where, zones } : { zones },
      ...(whole && mends.length === 1 && only),
      ...(whole &&
        mends.length > 1 && {
          fix: { op: "several", patches: mends.map(({ fix }) => fix) } as const,
          fixLabel: all,
        }),
    },
  ];
}
