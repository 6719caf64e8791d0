"use client";

import { useState } from "react";
import { isChild } from "@/core/people";
import { paintedKey } from "@/shared/photograph/keptPhoto";
import { useKeptPhoto } from "@/shared/photograph/useKeptPhoto";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import type { FigureSwitches } from "../useFigureSwitches";
import { CheckPainted } from "@/shared/photograph/CheckPainted";
import { BUTTON, ChoosePhoto, FindFace, Middle, MovePoints } from "@/shared/photograph/FindFace";
import { PaintedPhoto } from "./PaintedPhoto";

/** The design on a photograph of the very person: chosen, the face found on it, then painted. */
export function OnPhotograph({ switches }: { switches: FigureSwitches }) {
  const { look, context, prediction } = useWorking();
  const { upTo, whole } = switches;
  const { person } = context;
  const kept = useKeptPhoto(person.id);
  const { photo, ready, problem, keep, drop } = kept;
  const painted = useKeptPhoto(paintedKey(person.id));
  const [moving, setMoving] = useState(false);
  const [checking, setChecking] = useState(false);
  if (isChild(person) && !person.guardianConsent)
    return (
      <Middle>
        <p>
          A parent or guardian of {person.name} has to agree to a picture first. Tick it on their
          card under People.
        </p>
      </Middle>
    );
  if (!ready) return <Middle>Looking for their photograph …</Middle>;
  if (!photo)
    return (
      <ChoosePhoto
        kept={kept}
        label="Choose a photograph"
        words={`A photograph of ${person.name} from the front: face at rest, hair back, even light, nothing painted. It stays in this browser and is never sent.`}
      />
    );
  if (checking)
    return (
      <CheckPainted
        {...{ look, context, prediction, upTo, whole }}
        kept={painted}
        bare={photo}
        onDone={() => setChecking(false)}
      />
    );
  const removal = (
    <button
      type="button"
      className={BUTTON}
      onClick={() => {
        drop();
        // Once this one is gone nobody could reach the one of the painted face.
        painted.drop();
      }}
    >
      Delete the photograph
    </button>
  );
  if (!photo.points)
    return (
      <FindFace
        photo={photo}
        face={context.figure.landmarks}
        onFound={(points, doubts) => keep({ ...photo, points, doubts })}
        removal={removal}
      />
    );
  return moving ? (
    <MovePoints
      photo={photo}
      points={photo.points}
      onMove={(points) => keep({ ...photo, points })}
      onCard={photo.balance === "card" ? (card) => keep({ ...photo, card }) : null}
      onDone={() => setMoving(false)}
    />
  ) : (
    <PaintedPhoto
      photo={photo}
      points={photo.points}
      switches={switches}
      problem={problem}
      onKeep={keep}
      onMove={() => setMoving(true)}
      onCheck={() => setChecking(true)}
      removal={removal}
    />
  );
}
