import { useMemo, useState } from "react";
import { touchUps, wholeAfter } from "@/core/advice";
import type { ExpressionKey } from "@/core/anatomy";
import type { LampKey } from "@/core/colour";
import { wearForecast } from "@/core/look";
import type { FormLight } from "@/shared/figure/useRelief";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { metresAt } from "./distances";

/** How the figure is looked at: how far it is built, from where, in what light, with what face, after how many hours. */
export function useFigureSwitches() {
  const { look, context } = useWorking();
  const [guides, setGuides] = useState<Record<string, boolean>>({ midline: true });
  const [build, setBuild] = useState<number | null>(null);
  const [from, setFrom] = useState(0);
  const [lamp, setLamp] = useState<LampKey>("D65");
  const [formLight, setFormLight] = useState<FormLight>("above");
  const [turned, setTurned] = useState(false);
  const [photographed, setPhotographed] = useState(false);
  const [beside, setBeside] = useState(false);
  const [expression, setExpression] = useState<ExpressionKey>("rest");
  const [after, setAfter] = useState(0);
  const all = look.layers.length;
  const forecast = useMemo(
    () => (after > 0 ? wearForecast(look, context) : []),
    [look, context, after],
  );
  const whole = useMemo(
    () => (after > 0 ? wholeAfter(forecast, after) : undefined),
    [forecast, after],
  );
  const due = useMemo(() => touchUps(forecast, after), [forecast, after]);
  const farthestM = Math.max(context.brief.farthestM, 12);
  return {
    guides,
    toggleGuide: (key: string) => setGuides({ ...guides, [key]: !guides[key] }),
    upTo: Math.min(build ?? all, all),
    /** All of it again follows the look as it grows. */
    buildUpTo: (layers: number) => setBuild(layers === all ? null : layers),
    from,
    setFrom,
    metres: metresAt(from, farthestM),
    farthestM,
    // From the seats one looks at the flat figure, or at the photograph.
    away: from > 0 && !turned,
    lamp,
    setLamp,
    formLight,
    setFormLight,
    turned,
    setTurned: (on: boolean) => {
      setTurned(on);
      setPhotographed(false);
    },
    photographed,
    setPhotographed: (on: boolean) => {
      setPhotographed(on);
      setTurned(false);
    },
    beside,
    setBeside,
    expression,
    setExpression,
    after,
    setAfter,
    whole,
    due,
  };
}
export type FigureSwitches = ReturnType<typeof useFigureSwitches>;
