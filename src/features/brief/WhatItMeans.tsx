"use client";

import { useDeferredValue, useMemo, type ReactNode } from "react";
import { useWatch } from "react-hook-form";
import { causeWords, touchUps } from "@/core/advice";
import { BriefSchema, type Brief } from "@/core/brief";
import { wearForecast, zoneWords, type Look, type LookContext } from "@/core/look";
import { PersonSchema, STAND_IN, type PersonFields } from "@/core/people";
import { shiftMinutes } from "@/core/schedule";
import { paintingAir, type StudioSettings } from "@/core/studio";
import { leastWidthMm } from "@/core/vision";
import { feelsLike, sweatOf, sweatWords } from "@/core/wear";
import { Told } from "@/shared/say/Told";
import { useSay } from "@/shared/say/useSay";
import { HowWorkedOut } from "@/ui/HowWorkedOut";

const BLACK = [10, 0, 0] as const;
const PALE = [85, 0, 0] as const;

interface WhatItMeansProps {
  studio: StudioSettings;
  people: readonly (PersonFields & { readonly id: string })[];
  /** What has been designed already: its wear is forecast too. */
  design?: { readonly look: Look; readonly context: LookContext };
  /** Stands over the figures: the face. */
  children?: ReactNode;
}

/** The brief as it stands in the form; null while a field of it can't be taken. */
function useTypedBrief(): { brief: Brief | null; personId: string; person: unknown } {
  const typed = useDeferredValue<Record<string, unknown>>(useWatch());
  const { personId } = typed;
  const brief = useMemo(() => BriefSchema.safeParse(typed.brief).data ?? null, [typed.brief]);
  return { brief, personId: typeof personId === "string" ? personId : "", person: typed.person };
}

/** Beside the form, as it is typed: what these hours, this air and these seats mean for the paint. */
export function WhatItMeans({ studio, people, design, children }: WhatItMeansProps) {
  const { brief, personId, person: typed } = useTypedBrief();
  const person =
    people.find(({ id }) => id === personId) ?? PersonSchema.safeParse(typed).data ?? STAND_IN;
  return (
    <aside
      aria-label="What it means"
      className="card-plain self-start overflow-hidden lg:sticky lg:top-4"
    >
      {children}
      <div className="p-4">
        <h3 className="text-lg">What it means</h3>
        {brief ? (
          <Meaning {...{ brief, person, studio, design }} />
        ) : (
          <p className="muted text-sm">Correct the marked field, and it stands here again.</p>
        )}
        <HowWorkedOut>
          Heat index (US National Weather Service), and more in the sun; sweat from the evaporation
          the body needs (Gonzalez 2009). The finest line is black on a pale ground as an average
          eye reads it from the last row. Touch-ups are due when less than 85 % of a layer is intact
          on an area.
        </HowWorkedOut>
      </div>
    </aside>
  );
}

interface MeaningProps {
  brief: Brief;
  person: PersonFields;
  studio: StudioSettings;
  design: WhatItMeansProps["design"];
}

function Meaning({ brief, person, studio, design }: MeaningProps) {
  const say = useSay();
  const walks = useMemo(
    () =>
      design && design.look.layers.length
        ? touchUps(
            wearForecast(design.look, { ...design.context, brief }),
            brief.hoursWorn,
            design.context.house,
          )
        : null,
    [design, brief],
  );
  const [first] = walks ?? [];
  const finest = leastWidthMm(BLACK, PALE, brief.farthestM);
  const comesOff =
    brief.curtainAt && shiftMinutes(brief.curtainAt, Math.round(brief.hoursWorn * 60));
  return (
    <dl className="mt-2 flex flex-col gap-2 text-sm">
      <Row label="On stage">
        {brief.curtainAt ? (
          <>
            {say.day(brief.curtainAt)}, <strong>{say.clock(brief.curtainAt)}</strong>
            {comesOff && ` until ${say.clock(comesOff)}`}
          </>
        ) : (
          "no curtain yet: with one, the start is counted back from it"
        )}
      </Row>
      <Row label="It feels like">
        <strong>{say.degrees(feelsLike(brief))}</strong>, {brief.rh} % humidity
      </Row>
      <Row label="They lose">
        <Told>{sweatWords(sweatOf(person, brief), person)}</Told>
      </Row>
      <Row label="Paint dries in">
        <Told>{paintingAir(brief, studio).words}</Told>
      </Row>
      <Row label="From the last row">
        {finest === null
          ? `no line reads from ${say.distance(brief.farthestM)}: think in patches`
          : `lines under ${say.number(finest, finest < 2 ? 1 : 0)} mm are lost at ${say.distance(brief.farthestM)}`}
      </Row>
      {walks && (
        <Row label="First touch-up">
          {first ? (
            <>
              {brief.curtainAt ? (
                <strong>
                  {say.clock(shiftMinutes(brief.curtainAt, Math.round(first.atHours * 60)))}
                </strong>
              ) : (
                `after ${say.number(first.atHours, 1)} h`
              )}
              : {zoneWords(first.zones, 3)}, {causeWords(first)}
            </>
          ) : (
            "none is due"
          )}
        </Row>
      )}
    </dl>
  );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="border-t rule pt-2 first:border-0">
      <dt className="muted text-xs">{label}</dt>
      <dd>{children}</dd>
    </div>
  );
}
