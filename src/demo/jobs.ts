import { USUAL_BRIEF, type Brief } from "@/core/brief";

/** The two runs of the Weather Court; `at` gives a moment so many days on, at a clock time. */
export function demoJobs(at: (days: number, clock: string) => string): { id: string; lookId: string; personId: string; brief: Brief }[] {
  return [
    {
      id: "frost-reservoir", lookId: "first-frost", personId: "nomi-tarrow",
      brief: { ...USUAL_BRIEF, character: "first cold night of the year; still, watchful, not kind", place: "reservoir path, night show", airDegC: 11, rh: 88, air: "still", hoursWorn: 4, activity: "walking", nearestM: 1, farthestM: 40, hatLineMm: 52, skill: "practised", curtainAt: at(1, "19:30"), travelMinutes: 20, costumeMinutes: 25, bufferMinutes: 15, dryer: true },
    },
    {
      id: "sundog-hillside", lookId: "sundog", personId: "ilse-marrow",
      brief: { ...USUAL_BRIEF, character: "light that is not the sun; calm, too bright", place: "quarry, last act from the hillside", airDegC: 33, rh: 28, air: "light", sun: true, hoursWorn: 4, activity: "acting", nearestM: 2, farthestM: 40, skill: "practised", curtainAt: at(3, "15:00"), travelMinutes: 30, costumeMinutes: 20, bufferMinutes: 15 },
    },
    {
      id: "sundog-dress", lookId: "sundog", personId: "ilse-marrow",
      brief: { ...USUAL_BRIEF, character: "light that is not the sun; calm, too bright", place: "quarry, dress run", airDegC: 30, rh: 33, air: "light", sun: true, hoursWorn: 3, activity: "acting", nearestM: 2, farthestM: 40, skill: "practised", curtainAt: at(-3, "15:00"), travelMinutes: 30, costumeMinutes: 20, bufferMinutes: 15 },
    },
    {
      id: "drought-quarry", lookId: "drought", personId: "bram-oskell",
      brief: { ...USUAL_BRIEF, character: "ground that cracks; slow anger", place: "quarry, afternoon show", airDegC: 33, rh: 28, air: "light", sun: true, hoursWorn: 5, activity: "dancing", nearestM: 1, farthestM: 40, bares: ["shoulders", "chest", "upperArms"], skill: "practised", curtainAt: at(2, "15:00"), travelMinutes: 30, costumeMinutes: 20, bufferMinutes: 15 },
    },
    {
      id: "hail-reservoir", lookId: "hail", personId: "perrin-vaile",
      brief: { ...USUAL_BRIEF, character: "sudden, hard, over in a moment", place: "reservoir path, night show", airDegC: 11, rh: 88, air: "light", hoursWorn: 3, activity: "acting", nearestM: 2, farthestM: 40, skill: "practised", curtainAt: at(1, "20:15"), travelMinutes: 20, costumeMinutes: 20, bufferMinutes: 15, dryer: true },
    },
    {
      id: "bog-reservoir", lookId: "bog-light", personId: "bram-oskell",
      brief: { ...USUAL_BRIEF, character: "a light that leads nowhere", place: "reservoir path, night show", airDegC: 11, rh: 88, air: "still", hoursWorn: 4, activity: "walking", nearestM: 1, farthestM: 15, skill: "practised", curtainAt: at(4, "20:00"), travelMinutes: 20, costumeMinutes: 20, bufferMinutes: 20, dryer: true, matters: ["longWear"] },
    },
    {
      id: "leaf-booth", lookId: "gate-leaf", personId: "wren-hallam",
      brief: { ...USUAL_BRIEF, character: "a leaf from the gate", place: "booth at the gate", airDegC: 24, rh: 55, air: "light", hoursWorn: 3, activity: "walking", nearestM: 0.5, farthestM: 3, skill: "practised" },
    },
  ];
}
