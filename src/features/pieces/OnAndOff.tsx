"use client";

import { keysOf } from "@/core/keysOf";
import { chairThings } from "@/core/look";
import { material } from "@/core/paint";
import { atTheChair, BY, GLUES, WORN, type Piece } from "@/core/piece";
import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { LabelledNumber } from "@/ui/LabelledNumber";
import { Select } from "@/ui/Select";

const HOLDS = ["usual", "none", ...GLUES] as const;

/** How a piece goes on at the chair: whether at all, how many, who, how long, what holds it, how long it may stay. */
export function OnAndOff({ piece, set }: { piece: Piece; set: (values: Partial<Piece>) => void }) {
  const say = useSay();
  const { look, context, given } = useWorking();
  const usual = atTheChair(piece.kind);
  const glue = piece.glue === "usual" ? usual.glue : piece.glue === "none" ? null : piece.glue;
  const products = given.products.filter(({ material: key }) => key === glue);
  const thing = chairThings(look, context).find(({ id }) => id === piece.id);
  const usualGlue = usual.glue ? material(usual.glue).label : "nothing";
  const labelOf = (key: (typeof HOLDS)[number]) =>
    key === "usual"
      ? `as usual: ${usualGlue}`
      : key === "none"
        ? "nothing glued"
        : material(key).label;
  return (
    <fieldset className="mt-4">
      <legend className="label-line">At the chair</legend>
      <div className="flex flex-wrap items-end gap-3">
        <label className="text-sm">
          <span className="label-line">For this look it is</span>
          <Select
            className="!w-52"
            value={piece.worn}
            options={keysOf(WORN)}
            labelOf={(worn) => WORN[worn]}
            onChange={(worn) => set({ worn })}
          />
        </label>
        {piece.worn === "standIn" && (
          <label className="text-sm">
            <span className="label-line">What stands in</span>
            <input
              type="text"
              maxLength={120}
              className="input !w-52"
              value={piece.standIn}
              onChange={(event) => set({ standIn: event.target.value })}
            />
          </label>
        )}
        <LabelledNumber
          className="!w-24"
          label="How many alike"
          whole
          value={piece.count}
          least={1}
          most={80}
          onChange={(count) => set({ count })}
        />
        <LabelledNumber
          className="!w-28"
          label="Minutes for one"
          value={piece.minutesEach ?? usual.minutes}
          least={0.25}
          most={240}
          onChange={(minutesEach) => set({ minutesEach })}
        />
        <label className="text-sm">
          <span className="label-line">Put on by</span>
          <Select
            className="!w-40"
            value={piece.by ?? usual.by}
            options={keysOf(BY)}
            labelOf={(by) => BY[by]}
            onChange={(by) => set({ by })}
          />
        </label>
        <label className="text-sm">
          <span className="label-line">Held by</span>
          <Select
            className="!w-56"
            value={piece.glue}
            options={HOLDS}
            labelOf={labelOf}
            onChange={(chosen) => set({ glue: chosen, glueProductId: null })}
          />
        </label>
        {glue && products.length > 0 && (
          <label className="text-sm">
            <span className="label-line">Glue from the shelf</span>
            <Select
              className="!w-48"
              value={piece.glueProductId ?? thing?.glue?.product?.id ?? null}
              options={products.map(({ id }) => id)}
              labelOf={(id) => products.find((product) => product.id === id)?.name ?? id}
              onChange={(glueProductId) => set({ glueProductId })}
              none="none chosen"
            />
          </label>
        )}
        {usual.mostHours !== undefined && (
          <LabelledNumber
            className="!w-28"
            label="Worn at most (h)"
            value={piece.mostHours ?? usual.mostHours}
            least={0.5}
            most={24}
            onChange={(mostHours) => set({ mostHours })}
          />
        )}
      </div>
      {thing && (
        <p className="mt-2 text-sm">
          {minutesWords(thing.minutes)} on, {minutesWords(thing.off?.minutes ?? 0)} off (
          {thing.off?.how}).
          {thing.glue &&
            ` ${say.mass(thing.glue.grams)} of ${thing.glue.product?.name ?? material(thing.glue.key).label}${thing.glue.product ? "" : ", none on the shelf"}.`}
        </p>
      )}
    </fieldset>
  );
}
