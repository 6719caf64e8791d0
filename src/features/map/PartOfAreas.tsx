import { useState } from "react";
import { PartSchema, THIRD_WORDS, THIRDS, WHOLE, type Part, type Third } from "@/core/look";
import { Alert } from "@/ui/Alert";
import { Field } from "@/ui/Field";
import { NumberInput } from "@/ui/NumberInput";
import { Select } from "@/ui/Select";

type Choice = "whole" | Third | "strip";
const CHOICES: readonly Choice[] = ["whole", ...THIRDS, "strip"];
const wordsOf = (choice: Choice): string => {
  if (choice === "whole") return "all of each";
  return choice === "strip" ? "a strip between two lines" : THIRD_WORDS[choice];
};

/** Where a strip begins before it is moved: across the middle of the face. */
const FRESH_STRIP: Part = { kind: "strip", turnDeg: 90, fromMm: -20, toMm: 10 };

const partOf = (choice: Choice): Part => {
  if (choice === "whole") return WHOLE;
  return choice === "strip" ? FRESH_STRIP : { kind: "third", side: choice };
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
          labelOf={wordsOf}
          onChange={(choice) => {
            setProblem(null);
            onPart(partOf(choice));
          }}
        />
      </Field>
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
