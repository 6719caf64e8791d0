"use client";

import { useState } from "react";
import { toast } from "sonner";
import {
  adoptSystem,
  GROUPS,
  hoursWords,
  kitOf,
  kitTitle,
  withKit,
  type AdviceGroup,
  type GroupAdvice,
  type PaintSystem,
} from "@/core/advice";
import { zoneInfo } from "@/core/anatomy";
import { MATTERS } from "@/core/brief";
import type { PaintKit } from "@/core/look";
import { material } from "@/core/paint";
import { minutesWords } from "@/core/text/words";
import { feelsLike, HAZARD_WORDS, sweatOf, sweatWords } from "@/core/wear";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Toolbar } from "@/ui/Toolbar";
import { LeftOut } from "./LeftOut";
import { Waiting } from "@/shared/workers/Waiting";
import { useAdvice } from "./useAdvice";
import { WearCurves } from "./WearCurves";

const PLACE = ["best for this brief", "second kind", "third kind"] as const;

/** Of eyes and lips only the paint is chosen, so that alone tells whether an option is in use. */
const inUse = (used: PaintKit | null, { kit, group }: PaintSystem) =>
  used !== null &&
  (group === "eyes" || group === "lips"
    ? used.base === kit.base
    : JSON.stringify(used) === JSON.stringify(kit));

/** Recommended paint for each part of the person, why, what was left out, and what would buy time. */
export function PaintChapter() {
  const say = useSay();
  const { given, look, context, apply, undo } = useWorking();
  const { person, brief, products } = given;
  const answer = useAdvice();
  const advice = answer.value;
  const [group, setGroup] = useState<AdviceGroup>("face");
  const shown = advice?.find((entry) => entry.group === group) ?? advice?.[0] ?? null;
  const take = (kit: PaintKit, of: AdviceGroup, description: string) => {
    if (apply(adoptSystem(look, withKit(look.system, of, kit), products, person, brief)))
      toast(`${kitTitle(kit)} is in use`, {
        description,
        action: { label: "Undo", onClick: undo },
      });
  };
  const sweat = sweatOf(person, brief, undefined, context.house);
  return (
    <div className="mx-auto max-w-7xl p-4 sm:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h2 className="text-2xl first-letter:uppercase">
            {shown ? GROUPS[shown.group].label : "face"}, {brief.hoursWorn} h at{" "}
            {say.degrees(brief.airDegC)} and {brief.rh} %
          </h2>
          <p className="muted">
            Feels like {say.degrees(feelsLike(brief))}; {person.name} will lose{" "}
            <Told>{sweatWords(sweat, person)}</Told>
            {brief.matters.length > 0 &&
              `; first comes: ${brief.matters.map((matter) => MATTERS[matter]).join(", ")}`}
            .
          </p>
        </div>
        {advice && advice.length > 1 && (
          <Toolbar
            label="Part of the person"
            options={advice}
            value={shown ?? null}
            keyOf={({ group }) => group}
            labelOf={({ group }) => GROUPS[group].label}
            onChange={({ group }) => setGroup(group)}
          />
        )}
      </div>
      {(answer.error !== null || !shown) && (
        <Waiting answer={answer} doing="Comparing every paint system" what="the paint systems" />
      )}
      {shown && (
        <div className="mt-4 grid gap-4 xl:grid-cols-[1fr_17rem]">
          <div>
            <ol
              className="grid items-stretch gap-4 md:grid-cols-2 xl:grid-cols-3"
              aria-label="Paint systems, best first"
            >
              {shown.shown.map((option, i) => (
                <Option
                  key={option.id}
                  option={option}
                  place={PLACE[i] ?? ""}
                  worn={brief.hoursWorn}
                  inUse={inUse(kitOf(look.system, shown.group), option)}
                  onUse={() =>
                    take(
                      option.kit,
                      shown.group,
                      shown.group === "eyes" || shown.group === "lips"
                        ? "New layers there start with it."
                        : "Prep and sealer layers added.",
                    )
                  }
                />
              ))}
              {shown.shown.length === 0 && (
                <li className="card-plain p-5">
                  <h3 className="text-lg">No system is safe for {person.name} here</h3>
                  <p className="mt-2">
                    The rules beside say why. A small cheek or hand design, or no paint at all, is
                    the answer here.
                  </p>
                </li>
              )}
            </ol>
            <InUse used={kitOf(look.system, shown.group)} shown={shown.shown} />
            {shown.count > shown.shown.length && (
              <p className="muted mt-2 text-sm">
                The best of each base paint; {shown.count} systems in all are beaten by no other in
                everything. Choose any by hand beside.
              </p>
            )}
            {shown.shown.length > 0 && shown.group !== "teeth" && (
              <WearCurves
                group={shown.group}
                options={shown.shown}
                person={person}
                brief={brief}
                house={context.house}
              />
            )}
            <Gains
              key={shown.group}
              advice={shown}
              onTake={(kit) => take(kit, shown.group, "Changed for more hours.")}
            />
          </div>
          <LeftOut advice={shown} onTake={(kit, words) => take(kit, shown.group, words)} />
        </div>
      )}
    </div>
  );
}

/** What is in use where none of the options beside it is. */
function InUse({ used, shown }: { used: PaintKit | null; shown: readonly PaintSystem[] }) {
  if (!used || shown.some((option) => inUse(used, option))) return null;
  return (
    <p className="mt-3">
      <strong>In use:</strong> {kitTitle(used)}
      {helperWords(used) && <span className="muted"> · {helperWords(used)}</span>}
    </p>
  );
}

const helperWords = ({ prep, activate, set, seal }: PaintKit) =>
  [
    prep && material(prep).label,
    activate && `${material(activate).label} instead of water`,
    set && material(set).label,
    seal && material(seal).label,
  ]
    .filter(Boolean)
    .join(" · ");

function Option({
  option,
  place,
  worn,
  inUse,
  onUse,
}: {
  option: PaintSystem;
  place: string;
  worn: number;
  inUse: boolean;
  onUse: () => void;
}) {
  const say = useSay();
  const { touchUp } = option;
  const rows: readonly (readonly [string, string])[] = [
    [
      "first touch-up",
      touchUp.hours >= worn
        ? `none in ${worn} h`
        : `${hoursWords(touchUp.hours)}, ${zoneInfo(touchUp.zone).label.replace(/^left /, "")}, ${HAZARD_WORDS[touchUp.cause]}`,
    ],
    ["on / dry", `${minutesWords(option.onMinutes)} / ${minutesWords(option.dryMinutes)}`],
    ["off", `${minutesWords(option.offMinutes)}, ${material(option.kit.base).removal.with}`],
    ["cost", `about ${say.money(option.costMinor)}`],
    ["comfort", option.comfort >= 0.8 ? "light" : option.comfort >= 0.55 ? "felt" : "heavy"],
    [
      "stains",
      option.stain >= 0.45 ? "may tint a day or two" : option.stain >= 0.25 ? "a little" : "hardly",
    ],
  ];
  return (
    <li className={`card-plain flex flex-col p-4 ${inUse ? "border-2 !border-base-content" : ""}`}>
      <p className="muted text-sm">
        {place} · {option.score} of 100
      </p>
      <h3 className="text-xl first-letter:uppercase">{option.title}</h3>
      <p className="muted mt-0.5 text-sm">
        {helperWords(option.kit) || "nothing under or over it"}
      </p>
      <dl className="mt-3 text-sm">
        {rows.map(([name, value]) => (
          <div key={name} className="flex justify-between gap-3 border-b rule py-1.5">
            <dt>{name}</dt>
            <dd className="text-right font-bold">{value}</dd>
          </div>
        ))}
      </dl>
      <ul className="mt-3 list-disc pl-5 text-sm">
        {option.because.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      <p className="mt-3 border-l-4 border-base-content pl-3 text-sm">
        <span className="sr-only">Against it: </span>
        {option.against}
      </p>
      {option.givesUp && <p className="muted mt-2 text-sm">You give up {option.givesUp}.</p>}
      <details className="mt-3 text-sm">
        <summary className="cursor-pointer py-1 font-semibold">
          Where the {option.score} comes from
        </summary>
        <table className="mt-1 w-full">
          <tbody>
            {option.parts.map((part) => (
              <tr key={part.name} className="border-b rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {PART_WORDS[part.name]}
                  <span className="muted block text-xs">{part.says}</span>
                </th>
                <td className="text-right align-top font-bold whitespace-nowrap">
                  {part.points} / {part.most}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
      <div className="flex-1" />
      <button
        type="button"
        className={`btn mt-4 w-full ${inUse ? "btn-primary" : ""}`}
        onClick={onUse}
        aria-pressed={inUse}
      >
        {inUse ? "In use" : "Use this"}
      </button>
    </li>
  );
}

const PART_WORDS: Readonly<Record<PaintSystem["parts"][number]["name"], string>> = {
  wear: "hours it holds",
  lineWear: "hours its lines stand",
  gentle: "kind to skin",
  time: "minutes on",
  comfort: "comfort",
  removal: "minutes off",
  strength: "strength of colour",
  blends: "soft blends",
  lines: "fine lines",
  closeUp: "thin from near",
  simple: "little to carry",
  cost: "cost",
  stain: "little staining",
  shelf: "on your shelf",
};

/** "What would buy another two hours?" */
function Gains({ advice, onTake }: { advice: GroupAdvice; onTake: (kit: PaintKit) => void }) {
  if (!advice.from || advice.group === "teeth") return null;
  const enough = advice.gains.some(({ gainsHours }) => gainsHours >= 2);
  return (
    <section aria-label="What would buy time" className="card-plain mt-4 p-4">
      <h3 className="text-xl">What would buy another two hours?</h3>
      <p className="muted text-sm">
        Single changes to {kitTitle(advice.from)}, and to the day.
        {!enough && advice.gains.length > 0 && " No single change is enough; these help most."}
      </p>
      {advice.gains.length === 0 ? (
        <p className="mt-2">No single change helps; plan touch-ups.</p>
      ) : (
        <ul className="mt-2 divide-y">
          {advice.gains.map(({ change, kit, gainsHours }) => (
            <li
              key={change}
              className="flex min-h-11 flex-wrap items-center justify-between gap-3 border-base-300 py-1.5"
            >
              <span className="first-letter:uppercase">{change}</span>
              <span className="flex items-center gap-3">
                <strong>+{hoursWords(gainsHours)}</strong>
                {kit ? (
                  <button
                    type="button"
                    className="btn"
                    onClick={() => onTake(kit)}
                    aria-label={`Use ${change}`}
                  >
                    Use it
                  </button>
                ) : (
                  <span className="muted w-16 text-right text-sm">your call</span>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
