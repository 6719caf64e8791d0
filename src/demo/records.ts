import { USUAL_BRIEF } from "@/core/brief";
import { RecordSchema, type RecordFields } from "@/core/record";

/** Drought as the house times it on Bram, min a step, and how each sitting went against it. */
const DROUGHT_STEPS = [
  ["system-prep", "Skin prep", 2.6],
  ["ochre-ground", "Ochre ground", 26.3],
  ["powder-over-the-ground", "Powder over the ground", 4.4],
  ["dry-hollows", "Dry hollows", 2.6],
  ["sockets", "Sockets", 3.7],
  ["dust", "Dust", 2.6],
  ["cracks", "Cracks", 2.5],
  ["parched-lips", "Parched lips", 1.8],
] as const;
const sitting = (times: number, cracks: number): RecordFields["steps"] =>
  DROUGHT_STEPS.map(([layerId, name, plannedMinutes]) => ({
    layerId,
    name,
    plannedMinutes,
    actualMinutes: Math.round(plannedMinutes * (layerId === "cracks" ? cracks : times) * 10) / 10,
  }));
const dressRun = {
  ...USUAL_BRIEF,
  place: "quarry, dress run",
  airDegC: 31,
  rh: 30,
  air: "light",
  sun: true,
  hoursWorn: 3,
  activity: "dancing",
} as const;
const said = (
  fields: Pick<RecordFields, "lookName" | "on" | "brief"> & Partial<RecordFields>,
): RecordFields => RecordSchema.parse({ wear: [], ...fields });

/** Two evenings of the last run that went otherwise than forecast; `day` shifts a date from the day the demo is loaded. */
export function demoRecords(
  day: (offset: number) => string,
): { id: string; lookId: string; personId: string; fields: RecordFields }[] {
  return [
    {
      id: "drought-trial-1",
      lookId: "drought",
      personId: "bram-oskell",
      fields: said({
        lookName: "Drought",
        on: day(-40),
        brief: dressRun,
        rehearsal: true,
        steps: sitting(1.38, 2.6),
        interruptions: [{ minutes: 12, why: "looked for the ochre" }],
        verdict: "Far over time; the cracks took for ever.",
        changes: ["Draw the cracks with the wax line, not the glycerine cake"],
      }),
    },
    {
      id: "drought-trial-2",
      lookId: "drought",
      personId: "bram-oskell",
      fields: said({
        lookName: "Drought",
        on: day(-33),
        brief: dressRun,
        rehearsal: true,
        steps: sitting(1.22, 1.9),
        verdict: "Better with two sponges.",
      }),
    },
    {
      id: "drought-trial-3",
      lookId: "drought",
      personId: "bram-oskell",
      fields: said({
        lookName: "Drought",
        on: day(-26),
        brief: dressRun,
        rehearsal: true,
        steps: sitting(1.15, 1.6),
        verdict: "The order of the plan works.",
      }),
    },
    {
      id: "drought-dress-run",
      lookId: "drought",
      personId: "bram-oskell",
      fields: said({
        lookName: "Drought",
        on: day(-12),
        brief: dressRun,
        steps: sitting(1.07, 1.4),
        fits: "yes",
        reads: "partly",
        changes: ["More prep under the hat band"],
        wear: [
          {
            zone: "forehead",
            type: "waterGlycerine",
            afterHours: 2,
            wholePercent: 48,
            forecastPercent: 66,
          },
          {
            zone: "chin",
            type: "waterGlycerine",
            afterHours: 2,
            wholePercent: 70,
            forecastPercent: 67,
          },
        ],
        reaction: "",
        verdict: "The forehead ran under the hat band; read well from the hill. More prep there.",
      }),
    },
    {
      id: "frost-first-night",
      lookId: "first-frost",
      personId: "nomi-tarrow",
      fields: said({
        lookName: "First Frost",
        on: day(-8),
        brief: {
          ...USUAL_BRIEF,
          place: "reservoir path, first night",
          airDegC: 9,
          rh: 92,
          air: "light",
          hoursWorn: 4,
          activity: "walking",
        },
        wear: [
          {
            zone: "cheekAppleLeft",
            type: "waterGlycerine",
            afterHours: 3,
            wholePercent: 95,
            forecastPercent: 80,
          },
          {
            zone: "lowerLip",
            type: "lipLong",
            afterHours: 3,
            wholePercent: 60,
            forecastPercent: 64,
          },
        ],
        reaction: "A little redness at the hairline, gone by morning.",
        verdict: "Held longer than we thought in the cold. The spangle fell on the collar.",
        fits: "yes",
        reads: "yes",
      }),
    },
  ];
}
