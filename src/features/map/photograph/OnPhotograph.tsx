"use client";

import { useState } from "react";
import { readPhoto } from "@/shared/photograph/keptPhoto";
import { useKeptPhoto } from "@/shared/photograph/useKeptPhoto";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { Alert } from "@/ui/Alert";
import type { FigureSwitches } from "../useFigureSwitches";
import { CheckPainted } from "./CheckPainted";
import { BUTTON, ChooseFile, FindFace, Middle, MovePoints } from "./FindFace";
import { PaintedPhoto } from "./PaintedPhoto";

/** Under this age somebody else has to agree to a picture. */
const OF_AGE = 16;

/** The design on a photograph of the very person: chosen, the face found on it, then painted. */
export function OnPhotograph({ switches }: { switches: FigureSwitches }) {
  const { context } = useWorking();
  const { person } = context;
  const { photo, ready, problem, setProblem, keep, drop } = useKeptPhoto(person.id);
  const painted = useKeptPhoto(`${person.id} painted`);
  const [moving, setMoving] = useState(false);
  const [checking, setChecking] = useState(false);
  const needsConsent = person.ageYears < OF_AGE && !person.guardianConsent;
  if (needsConsent)
    return (
      <Middle>
        <p>
          {person.name} is under {OF_AGE}: a parent or guardian has to agree to a picture first.
          Tick it on their card under People.
        </p>
      </Middle>
    );
  if (!ready) return <Middle>Looking for their photograph …</Middle>;
  if (!photo)
    return (
      <Middle>
        <p>
          A photograph of {person.name} from the front: face at rest, hair back, even light, nothing
          painted. It stays in this browser and is never sent.
        </p>
        {problem && <Alert>{problem}</Alert>}
        <ChooseFile
          label="Choose a photograph"
          onFile={(file) =>
            void readPhoto(file)
              .then((read) => {
                setProblem(null);
                keep(read);
              })
              .catch((error: unknown) =>
                setProblem(error instanceof Error ? error.message : "It could not be read."),
              )
          }
        />
      </Middle>
    );
  if (checking)
    return <CheckPainted kept={painted} switches={switches} onDone={() => setChecking(false)} />;
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
      <FindFace photo={photo} onFound={(points) => keep({ ...photo, points })} removal={removal} />
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
