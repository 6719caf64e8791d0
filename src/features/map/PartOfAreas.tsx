import { useState } from "react";
import {
  LEAST_MIDDLE,
  middleOf,
  PartSchema,
  RIM_SIDES,
  THIRD_WORDS,
  THIRDS,
  WHOLE,
  type Part,
  type Third,
} from "@/core/look";
import { Alert } from "@/ui/Alert";
import { Field } from "@/ui/Field";
import { NumberInput } from "@/ui/NumberInput";
import { Select } from "@/ui/Select";

type Choice = Exclude<Part["kind"], "third"> | Third;
const CHOICES: readonly Choice[] = ["whole", "middle", ...THIRDS, "along", "strip"];
const WORDS: Readonly<Record<Choice, string>> = {
  ...THIRD_WORDS,
  whole: "all of each",
  middle: "the middle of each",
  along: "along one edge of each",
  strip: "a strip between two lines",
};

/** Where a strip begins before it is moved: across the middle of the face. */
const FRESH_STRIP: Part = { kind: "strip", turnDeg: 90, fromMm: -20, toMm: 10 };

const partOf = (choice: Choice): Part => {
  switch (choice) {
    case "whole":
      return WHOLE;
    case "middle":
      return { kind: "middle", share: 0.5 };
    case "along":
      return { kind: "along", side: "upper", mm: 8 };
    case "strip":
      return FRESH_STRIP;
    default:
      return { kind: "third", side: choice };
  }
};

interface PartOfAreasProps {
  part: Part;
  onPart: (part: Part) => void;
}

/** What of its areas a layer covers. */
export function PartOfAreas({ part, onPart }: PartOfAreasProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const put = (values: object) => {
    const read = PartSchema.safeParse({ ...part, ...values });
    setProblem(read.success ? null : (read.error.issues[0]?.message ?? "not a strip"));
    if (read.success) onPart(read.data);
  };
  return (
    <>
      <Field label="How much of each area" className="col-span-2">
        <Select
          value={part.kind === "third" ? part.side : part.kind}
          options={CHOICES}
          labelOf={(choice) => WORDS[choice]}
          onChange={(choice) => {
            setProblem(null);
            onPart(partOf(choice));
          }}
        />
      </Field>
      {part.kind === "middle" && (
        <Field label="So much of it, %">
          <NumberInput
            least={Math.round(LEAST_MIDDLE * 100)}
            most={100}
            step={5}
            unit="%"
            value={Math.round(middleOf(part) * 100)}
            onChange={(percent) => put({ share: percent / 100 })}
          />
        </Field>
      )}
      {part.kind === "along" && (
        <>
          <Field label="Along the">
            <Select
              value={part.side}
              options={RIM_SIDES}
              labelOf={(side) => `${side} edge`}
              onChange={(side) => put({ side })}
            />
          </Field>
          <Field label="As wide as, mm">
            <NumberInput
              least={1}
              most={200}
              unit="mm"
              value={part.mm}
              onChange={(mm) => put({ mm })}
            />
          </Field>
        </>
      )}
      {part.kind === "strip" && (
        <fieldset className="col-span-2 grid grid-cols-3 gap-2">
          <legend className="muted mb-1 text-xs">
            Measured from the bridge of the nose; 90° is upwards, 0° towards the person&apos;s left.
          </legend>
          <Field label="Angle, °">
            <NumberInput
              least={-180}
              most={180}
              step={5}
              value={part.turnDeg}
              onChange={(turnDeg) => put({ turnDeg })}
            />
          </Field>
          <Field label="From, mm">
            <NumberInput
              least={-2200}
              most={2200}
              value={part.fromMm}
              onChange={(fromMm) => put({ fromMm })}
            />
          </Field>
          <Field label="To, mm">
            <NumberInput
              least={-2200}
              most={2200}
              value={part.toMm}
              onChange={(toMm) => put({ toMm })}
            />
          </Field>
          {problem && <Alert className="col-span-3">{problem}</Alert>}
        </fieldset>
      )}
    </>
  );
}
