import { USUAL_BRIEF } from "@/core/brief";
import type { RecordFields } from "@/core/record";

/** Two evenings of the last run that went otherwise than forecast; `day` shifts a date from the day the demo is loaded. */
export function demoRecords(day: (offset: number) => string): { id: string; lookId: string; personId: string; fields: RecordFields }[] {
  return [
    {
      id: "drought-dress-run", lookId: "drought", personId: "bram-oskell",
      fields: {
        lookName: "Drought", on: day(-12), brief: { ...USUAL_BRIEF, place: "quarry, dress run", airDegC: 31, rh: 30, air: "light", sun: true, hoursWorn: 3, activity: "dancing" },
        wear: [
          { zone: "forehead", type: "waterGlycerine", afterHours: 2, wholePercent: 48, forecastPercent: 66 },
          { zone: "chin", type: "waterGlycerine", afterHours: 2, wholePercent: 70, forecastPercent: 67 },
        ],
        reaction: "", verdict: "The forehead ran under the hat band; read well from the hill. More prep there.",
      },
    },
    {
      id: "frost-first-night", lookId: "first-frost", personId: "nomi-tarrow",
      fields: {
        lookName: "First Frost", on: day(-8), brief: { ...USUAL_BRIEF, place: "reservoir path, first night", airDegC: 9, rh: 92, air: "light", hoursWorn: 4, activity: "walking" },
        wear: [
          { zone: "cheekAppleLeft", type: "waterGlycerine", afterHours: 3, wholePercent: 95, forecastPercent: 80 },
          { zone: "lowerLip", type: "lipLong", afterHours: 3, wholePercent: 60, forecastPercent: 64 },
        ],
        reaction: "A little redness at the hairline, gone by morning.", verdict: "Held longer than we thought in the cold. The spangle fell on the collar.",
      },
    },
  ];
}
