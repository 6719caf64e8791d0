"use client";

import Link from "next/link";
import { useMemo } from "react";
import { toast } from "sonner";
import { adoptSystem, recommendPaint, type PaintSystem } from "@/core/advice";
import { heatIndex } from "@/core/climate";
import { PAINT_TYPES, material, paintType, PAINT_TYPE_KEYS, type PaintTypeKey } from "@/core/paint";
import { zoneInfo } from "@/core/anatomy";
import type { System } from "@/core/look";
import { sweatOf } from "@/core/wear";
import { useWorking } from "@/parts/workspace/WorkspaceContext";
import { minutesWords, money } from "@/ui/format";
import { WearCurves } from "./WearCurves";

const same = (a: System | null, b: System) => a !== null && JSON.stringify(a) === JSON.stringify(b);
const hours = (h: number, worn: number) => (h >= worn ? `none in ${worn} h` : minutesWords(h * 60));
const PLACE = ["best for this brief", "second", "third", "fourth"] as const;

/** Recommended paint systems for the face, why, and what was left out. */
export function PaintChapter() {
  const { given, look, apply, undo } = useWorking();
  const { person, brief, products } = given;
  const { options, refused } = useMemo(() => recommendPaint({ person, brief, shelf: products }), [person, brief, products]);
  const use = (option: PaintSystem) => {
    apply(adoptSystem(look, option.system, products, person));
    toast(`${option.title} is in use`, { description: "Prep and seal stand in the stack.", action: { label: "Undo", onClick: undo } });
  };
  return (
    <div className="mx-auto max-w-7xl p-4 sm:p-6">
      <h2 className="text-2xl">For the face, {brief.hoursWorn} h, {brief.airDegC} °C and {brief.rh} % <span className="muted font-sans text-base font-normal">feels like {Math.round(heatIndex(brief.airDegC, brief.rh))} °C; {person.name} will sweat about {Math.round(sweatOf(person, brief) / 10) * 10} g/m² an hour</span></h2>
      <div className="mt-4 grid gap-4 xl:grid-cols-[1fr_17rem]">
        <div>
        <ol className="grid items-stretch gap-4 md:grid-cols-2 xl:grid-cols-3" aria-label="Paint systems, best first">
          {options.slice(0, 3).map((option, i) => <Option key={option.id} option={option} place={PLACE[i] ?? ""} worn={brief.hoursWorn} inUse={same(look.system, option.system)} onUse={() => use(option)} />)}
          {options.length === 0 && <li className="card-plain p-5"><h3 className="text-lg">No system is safe for {person.name}&apos;s face</h3><p className="mt-2">The rules beside say why. A small cheek or hand design, or no paint at all, is the answer here.</p></li>}
        </ol>
        {options.length > 0 && <WearCurves options={options.slice(0, 3)} person={person} brief={brief} />}
        </div>
        <aside>
          <h3 className="mb-2 text-lg">Left out, and why</h3>
          {refused.length === 0 && <p className="muted text-sm">Nothing had to be left out for {person.name}.</p>}
          <ul>
            {refused.map(({ type, rule, why }) => (
              <li key={type} className="border-t rule py-2.5 text-sm"><strong className="block">{PAINT_TYPES[type].label}</strong>{why} <Link className="link" href={`/rules#${rule}`}>{rule}</Link></li>
            ))}
          </ul>
          <OwnChoice />
          <h3 className="mt-6 mb-1 text-lg">Where this comes from</h3>
          <p className="muted text-sm">First touch-up: when less than 85 % of the paint is whole on the zone that suffers most, from sweat, rubbing, flexing, skin oil and heat by zone, weather and work; house figures, common practice, no published source. Drying: evaporation (ASHRAE). Cost: your shelf&apos;s prices, or the kind&apos;s usual range.</p>
        </aside>
      </div>
    </div>
  );
}

function Option({ option, place, worn, inUse, onUse }: { option: PaintSystem; place: string; worn: number; inUse: boolean; onUse: () => void }) {
  const { system } = option;
  const helpers = [system.prep, system.activate && `${material(system.activate).label} instead of water`, system.set, system.seal].filter((key) => key !== null).map((key) => (key in PAINT_TYPES || key.includes(" ") ? key : material(key as never).label));
  const rows: readonly (readonly [string, string])[] = [
    ["first touch-up", `${hours(option.touchUp.hours, worn)}${option.touchUp.hours < worn ? `, ${zoneInfo(option.touchUp.zone).label.replace(/^left /, "")}` : ""}`],
    ["on / dry", `${Math.round(option.onMinutes)} / ${Math.round(option.dryMinutes)} min`],
    ["off", `${option.offMinutes} min, ${material(system.base).removal.with}`],
    ["cost", `about ${money(option.costMinor)}`],
    ["eyes / lips", `${material(system.eyes).label} / ${material(system.lips).label}`],
  ];
  return (
    <li className={`card-plain flex flex-col p-4 ${inUse ? "border-2 !border-base-content" : ""}`}>
      <p className="muted text-sm">{place} · {option.score} of 100</p>
      <h3 className="text-xl first-letter:uppercase">{option.title}</h3>
      <p className="muted mt-0.5 text-sm">{helpers.join(" · ") || "nothing under or over it"}</p>
      <dl className="mt-3 text-sm">
        {rows.map(([name, value]) => <div key={name} className="flex justify-between gap-3 border-b rule py-1.5"><dt>{name}</dt><dd className="text-right font-bold">{value}</dd></div>)}
      </dl>
      <ul className="mt-3 list-disc pl-5 text-sm">{option.because.map((reason) => <li key={reason}>{reason}</li>)}</ul>
      <p className="mt-3 border-l-4 border-base-content pl-3 text-sm">{option.against}</p>
      <details className="mt-3 text-sm">
        <summary className="cursor-pointer py-1 font-semibold">Where the {option.score} comes from</summary>
        <table className="mt-1 w-full"><tbody>{option.parts.map((part) => <tr key={part.name} className="border-b rule"><th scope="row" className="py-1 text-left font-normal">{part.name}<span className="muted block text-xs">{part.says}</span></th><td className="text-right align-top font-bold whitespace-nowrap">{part.points} / {part.most}</td></tr>)}</tbody></table>
      </details>
      <div className="flex-1" />
      <button type="button" className={`btn mt-4 w-full ${inUse ? "btn-primary" : ""}`} onClick={onUse} aria-pressed={inUse}>{inUse ? "In use" : "Use this"}</button>
    </li>
  );
}

/** The painter knows better: another base or line type, with its findings on the map. */
function OwnChoice() {
  const { look, apply, given, undo } = useWorking();
  const { system } = look;
  if (!system) return null;
  const choose = (key: "base" | "detail", type: PaintTypeKey) => {
    apply(adoptSystem(look, { ...system, [key]: type }, given.products, given.person));
    toast(`${material(type).label} chosen by hand`, { description: "What the rules say of it stands on the map.", action: { label: "Undo", onClick: undo } });
  };
  return (
    <div className="mt-6">
      <h3 className="mb-2 text-lg">Choose by hand</h3>
      {(["base", "detail"] as const).map((key) => (
        <label key={key} className="mb-3 block text-sm"><span className="label-line">{key === "base" ? "Base" : "Lines and detail"}</span>
          <select className="select" value={system[key]} onChange={(event) => choose(key, event.target.value as PaintTypeKey)}>{PAINT_TYPE_KEYS.filter((type) => paintType(type).goodFor.includes(key === "base" ? "base" : "line")).map((type) => <option key={type} value={type}>{material(type).label}</option>)}</select>
        </label>
      ))}
    </div>
  );
}
