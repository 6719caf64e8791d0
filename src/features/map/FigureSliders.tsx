import { minutesWords } from "@/core/text/words";
import { useSay } from "@/shared/say/useSay";
import { useWorking } from "@/shared/workspace/WorkspaceContext";
import { metresWords, placeOf, STEPS } from "./distances";
import type { FigureSwitches } from "./useFigureSwitches";

const wornWords = (hours: number) =>
  hours === 0 ? "just painted" : `${minutesWords(hours * 60)} of wear`;

/** Build, From and After: what one sees of the layers, from what seat, after how many hours. */
export function FigureSliders({ switches }: { switches: FigureSwitches }) {
  const say = useSay();
  const { look, context } = useWorking();
  const { farthestM, hoursWorn } = context.brief;
  const { upTo, metres, away } = switches;
  const layers = look.layers.length;
  return (
    <div className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1 bg-base-300 px-4 py-2 text-base-content">
      <Slider
        id="build"
        label="Build"
        max={layers}
        value={upTo}
        words={`layer ${upTo} of ${layers}`}
        onChange={switches.buildUpTo}
      />
      {!switches.turned && (
        <Slider
          id="from"
          label="From"
          max={STEPS}
          value={switches.from}
          words={say.sentence(metresWords(metres))}
          onChange={switches.setFrom}
        >
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => switches.setFrom(away ? 0 : placeOf(farthestM, switches.farthestM))}
          >
            {away ? "To the mirror" : `To ${say.distance(farthestM)}`}
          </button>
        </Slider>
      )}
      <Slider
        id="after"
        label="After"
        max={hoursWorn}
        step={Math.min(0.25, hoursWorn / 8)}
        value={switches.after}
        words={wornWords(switches.after)}
        onChange={switches.setAfter}
      />
    </div>
  );
}

interface SliderProps {
  id: string;
  label: string;
  max: number;
  step?: number;
  value: number;
  words: string;
  onChange: (value: number) => void;
  children?: React.ReactNode;
}

function Slider({ id, label, max, step = 1, value, words, onChange, children }: SliderProps) {
  return (
    <>
      <label htmlFor={id} className="font-bold">
        {label}
      </label>
      <input
        id={id}
        type="range"
        className="range range-sm w-full"
        min={0}
        max={max}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        aria-valuetext={words}
      />
      <span className="flex w-44 items-center justify-end gap-2 text-right text-sm">
        {words}
        {children}
      </span>
    </>
  );
}
