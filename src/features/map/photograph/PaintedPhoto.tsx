"use client";

import { useMemo, useState } from "react";
import type { PhotoPoints } from "@/core/photograph";
import type { BalanceBy, KeptPhoto } from "@/shared/photograph/keptPhoto";
import { BalanceChoice } from "@/shared/photograph/BalanceChoice";
import { LookOnPhoto } from "@/shared/photograph/LookOnPhoto";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";
import type { FigureSwitches } from "../useFigureSwitches";
import { BUTTON } from "@/shared/photograph/FindFace";
import { PhotoDoubts } from "@/shared/photograph/PhotoDoubts";

const WAYS: readonly BalanceBy[] = ["taken", "skin", "card"];

interface PaintedPhotoProps {
  photo: KeptPhoto;
  points: PhotoPoints;
  switches: FigureSwitches;
  problem: string | null;
  onKeep: (photo: KeptPhoto) => void;
  onMove: () => void;
  onCheck: () => void;
  removal: React.ReactNode;
}

/** The photograph under the design as far as it is built. */
export function PaintedPhoto(props: PaintedPhotoProps) {
  const { photo, points, switches, problem, onKeep, onMove, onCheck, removal } = props;
  const { look, context, prediction } = useWorking();
  const { upTo, lamp, whole, away, metres } = switches;
  const [painted, setPainted] = useState(true);
  const shown = painted ? upTo : 0;
  const seen = useMemo(() => ({ lamp, fromM: away ? metres : null }), [lamp, away, metres]);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <LookOnPhoto
        {...{ photo, look, context, prediction, seen }}
        upTo={shown}
        whole={whole}
        label={`${look.name} on a photograph of ${context.person.name}${shown ? "" : ", without paint"}`}
      />
      <div className="flex flex-col gap-2 p-3 text-sm">
        <PhotoDoubts photo={photo} points={points} face={context.figure.landmarks} />
        {problem && <Alert>{problem}</Alert>}
        <div className="flex flex-wrap items-center gap-2">
          <button
            type="button"
            className={BUTTON}
            aria-pressed={!painted}
            onClick={() => setPainted(!painted)}
          >
            Without paint
          </button>
          <button type="button" className={BUTTON} onClick={onMove}>
            Move the points
          </button>
          <button type="button" className={BUTTON} onClick={onCheck}>
            Check it painted
          </button>
          <BalanceChoice
            value={photo.balance}
            ways={WAYS}
            onChange={(balance) => {
              onKeep({ ...photo, balance });
              // Where the card is, the painter says.
              if (balance === "card") onMove();
            }}
          />
          {removal}
        </div>
      </div>
    </div>
  );
}
