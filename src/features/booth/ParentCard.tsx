import { Printer } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { BoothAnswers } from "@/core/advice";
import { reactionPlan } from "@/core/look";
import { ALLERGENS } from "@/core/paint";
import type { StudioSettings } from "@/core/studio";
import { listed } from "@/core/text/words";
import type { MenuLine } from "@/server/booth";
import { Select } from "@/ui/Select";

/** What a parent takes home: printed, or on the screen to photograph. Nothing of it is kept. */
export function ParentCard({
  menu,
  answers,
  settings,
  begun,
  onClose,
}: {
  menu: readonly MenuLine[];
  answers: BoothAnswers;
  settings: StudioSettings;
  begun: string | null;
  onClose: () => void;
}) {
  const [chosen, setChosen] = useState(begun ?? menu[0]?.id ?? null);
  const line = menu.find(({ id }) => id === chosen) ?? menu[0];
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog
      ref={dialog}
      aria-label="Card for the parent"
      className="m-auto w-full max-w-xl rounded-box bg-base-100 p-5 text-base-content"
      onClose={onClose}
    >
      <h2 className="text-2xl">Painted today: {line?.name ?? "a small design"}</h2>
      {menu.length > 1 && (
        <label className="no-print mt-2 block text-sm">
          <span className="label-line">Design</span>
          <Select
            className="w-full"
            value={chosen}
            options={menu.map(({ id }) => id)}
            labelOf={(id) => menu.find((one) => one.id === id)?.name ?? id}
            onChange={setChosen}
          />
        </label>
      )}
      <dl className="mt-3 grid gap-2 text-base">
        <div>
          <dt className="font-bold">Painted with</dt>
          <dd>{listed((line?.takes ?? []).map(({ name }) => name)) || "nothing noted"}</dd>
        </div>
        <div>
          <dt className="font-bold">You told us</dt>
          <dd>
            {answers.allergies.length
              ? `allergic to ${listed(answers.allergies.map((key) => ALLERGENS[key]))}`
              : "no allergy known"}
            {answers.consent && "; a parent or guardian agreed"}
          </dd>
        </div>
        <div>
          <dt className="font-bold">Taking it off</dt>
          <dd>{(line?.off ?? []).join("; ")}. Don&apos;t rub; pat dry. Off before bed.</dd>
        </div>
        <div>
          <dt className="font-bold">If the skin reacts</dt>
          <dd>{reactionPlan(settings)}</dd>
        </div>
      </dl>
      <div className="no-print mt-4 flex gap-3">
        <button type="button" className="btn btn-primary" onClick={() => window.print()}>
          <Printer size={18} aria-hidden />
          Print
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Close
        </button>
      </div>
    </dialog>
  );
}
