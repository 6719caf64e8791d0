"use client";

import { GROUPS, kitOf, type AdviceGroup, type Refusal } from "@/core/advice";
import type { PaintKit } from "@/core/look";
import {
  freshState,
  AUXILIARY_KEYS,
  auxiliary,
  isPaintType,
  material,
  pairing,
  type MaterialKey,
} from "@/core/paint";
import { Told } from "@/shared/say/Told";
import { useWorking } from "@/shared/workspace/WorkspaceContext";

const USES = { prep: "prep", activate: "activate", set: "set", seal: "seal" } as const;
const LABELS: Readonly<Record<keyof PaintKit, string>> = {
  base: "Base",
  detail: "Lines and detail",
  prep: "Prep",
  activate: "Activated with",
  set: "Set with",
  seal: "Sealed with",
};
const NONE: Readonly<Partial<Record<keyof PaintKit, string>>> = {
  prep: "nothing",
  activate: "water",
  set: "nothing",
  seal: "nothing",
};

/** What the pair table says of a kit that was put together by hand. */
function remarks(kit: PaintKit): { rule: string; text: string }[] {
  const found: { rule: string; text: string }[] = [];
  if (material(kit.base).setting === "powder" && !kit.set)
    found.push({
      rule: "SET-1",
      text: `${material(kit.base).label} never dries by itself: it wants powder.`,
    });
  if (kit.detail !== kit.base) {
    const { verdict, rule, reason } = pairing(
      kit.base,
      kit.set ? "powdered" : freshState(kit.base),
      kit.detail,
    );
    if (verdict !== "fine")
      found.push({
        rule,
        text: `${material(kit.detail).label} over ${material(kit.base).label}: ${reason}.`,
      });
  }
  return found;
}

/** The painter knows better: any kit, with its findings. What is refused for safety can't be taken. */
export function OwnChoice({
  group,
  refused,
  onTake,
}: {
  group: AdviceGroup;
  refused: readonly Refusal[];
  onTake: (kit: PaintKit) => void;
}) {
  const { look } = useWorking();
  const kit = kitOf(look.system, group);
  if (!kit || group === "teeth") return null;
  const out = new Map(refused.map((entry) => [entry.type as MaterialKey, entry]));
  const keys =
    group === "eyes" || group === "lips"
      ? (["base"] as const)
      : (["base", "detail", "prep", "activate", "set", "seal"] as const);
  const choices = (key: (typeof keys)[number]): readonly MaterialKey[] =>
    key === "base"
      ? GROUPS[group].bases
      : key === "detail"
        ? GROUPS[group].details
        : AUXILIARY_KEYS.filter(
            (entry) => auxiliary(entry).use === USES[key] && entry !== "activator",
          );
  const said = remarks(kit);
  return (
    <section aria-label="Choose by hand" className="mt-6">
      <h3 className="mb-2 text-lg">Choose by hand</h3>
      {keys.map((key) => (
        <label key={key} className="mb-3 block text-sm">
          <span className="label-line">{LABELS[key]}</span>
          <select
            aria-label={LABELS[key]}
            className="select w-full"
            value={kit[key] ?? ""}
            onChange={(event) =>
              onTake({ ...kit, [key]: event.target.value === "" ? null : event.target.value })
            }
          >
            {NONE[key] && <option value="">{NONE[key]}</option>}
            {kit[key] && isPaintType(kit[key]) && !choices(key).includes(kit[key]) && (
              <option value={kit[key]}>{material(kit[key]).label}</option>
            )}
            {choices(key).map((type) => {
              const refusal = out.get(type);
              return (
                <option
                  key={type}
                  value={type}
                  disabled={refusal !== undefined && refusal.rule.startsWith("SAFE")}
                >
                  {material(type).label}
                  {refusal ? ` (${refusal.rule})` : ""}
                </option>
              );
            })}
          </select>
        </label>
      ))}
      {said.map(({ rule, text }) => (
        <p key={rule + text} className="mb-2 border-l-4 border-base-content pl-3 text-sm">
          <Told>{text}</Told>{" "}
          <a className="link" href={`/rules#${rule}`}>
            {rule}
          </a>
        </p>
      ))}
    </section>
  );
}
