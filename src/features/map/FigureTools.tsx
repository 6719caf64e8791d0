import { Camera, Columns2, Rotate3d } from "lucide-react";
import { EXPRESSION_KEYS, EXPRESSIONS, type ExpressionKey } from "@/core/anatomy";
import { LIGHT_KEYS, LIGHTS } from "@/core/anatomy/surface";
import { LAMP_KEYS, LAMPS, type LampKey } from "@/core/colour";
import type { FormLight } from "@/shared/figure/useRelief";
import { VIEW_KEYS, VIEWS, type ViewKey } from "@/shared/figure/views";
import { STEPS } from "./distances";
import type { FigureSwitches } from "./useFigureSwitches";

const GUIDES = [
  ["midline", "Midline"],
  ["creases", "Creases"],
  ["eyeBand", "Eye corners"],
  ["costume", "Costume"],
] as const;

interface FigureToolsProps {
  view: ViewKey;
  onView: (view: ViewKey) => void;
  switches: FigureSwitches;
}

/** The switches over the figure: view, light, face and guides; side by side, turned by hand, or on a photograph. */
export function FigureTools({ view, onView, switches }: FigureToolsProps) {
  const { turned, photographed, beside, guides } = switches;
  const isMap = !turned && !photographed;
  return (
    <div
      role="group"
      aria-label="How the figure is shown"
      className="flex flex-wrap items-center gap-1.5 p-2 max-lg:flex-nowrap max-lg:overflow-x-auto"
    >
      {isMap && (
        <Choice
          label="View"
          value={view}
          options={VIEW_KEYS.map((key) => [key, VIEWS[key].label])}
          onChange={(key) => onView(key as ViewKey)}
        />
      )}
      <Choice
        label="Light"
        value={switches.lamp}
        title={LAMPS[switches.lamp].source}
        options={LAMP_KEYS.map((key) => [key, LAMPS[key].label])}
        onChange={(key) => switches.setLamp(key as LampKey)}
      />
      {!photographed && (
        <Choice
          label="Lamp at"
          value={switches.formLight}
          options={[
            ...LIGHT_KEYS.map((key) => [key, LIGHTS[key].label] as const),
            ["flat", "flat, no shade"],
          ]}
          onChange={(key) => switches.setFormLight(key as FormLight)}
        />
      )}
      {isMap && view === "face" && (
        <Choice
          label="Face"
          value={switches.expression}
          options={EXPRESSION_KEYS.map((key) => [key, EXPRESSIONS[key].label])}
          onChange={(key) => switches.setExpression(key as ExpressionKey)}
        />
      )}
      {isMap && (
        <>
          <div
            role="group"
            aria-label="Guides"
            className="flex shrink-0 flex-wrap gap-1.5 max-lg:flex-nowrap"
          >
            {GUIDES.filter(([key]) => view === "face" || key === "costume").map(([key, label]) => (
              <Toggle key={key} on={Boolean(guides[key])} onClick={() => switches.toggleGuide(key)}>
                {label}
              </Toggle>
            ))}
          </div>
          <Toggle
            on={beside}
            onClick={() => {
              switches.setBeside(!beside);
              if (!beside && !switches.away) switches.setFrom(STEPS);
            }}
          >
            <Columns2 size={16} aria-hidden />
            Side by side
          </Toggle>
        </>
      )}
      <Toggle on={turned} onClick={() => switches.setTurned(!turned)}>
        <Rotate3d size={16} aria-hidden />
        Turn by hand
      </Toggle>
      <Toggle on={photographed} onClick={() => switches.setPhotographed(!photographed)}>
        <Camera size={16} aria-hidden />
        On a photograph
      </Toggle>
    </div>
  );
}

interface ToggleProps {
  on: boolean;
  onClick: () => void;
  children: React.ReactNode;
}

function Toggle({ on, onClick, children }: ToggleProps) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onClick}
      className={`flex min-h-9 shrink-0 items-center max-lg:min-h-11 gap-2 rounded-md border border-[#111] px-2 text-sm ${on ? "bg-[#111] font-bold text-white" : "bg-[#f4f4f3]"}`}
    >
      {children}
    </button>
  );
}

interface ChoiceProps {
  label: string;
  value: string;
  options: readonly (readonly [key: string, words: string])[];
  title?: string;
  onChange: (key: string) => void;
}

function Choice({ label, value, options, title, onChange }: ChoiceProps) {
  return (
    <label className="flex shrink-0 items-center gap-1.5 text-sm font-bold">
      {label}
      <select
        className="min-h-9 max-w-36 max-lg:min-h-11 rounded-md border border-[#111] bg-[#f4f4f3] px-2 font-normal"
        value={value}
        title={title}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
