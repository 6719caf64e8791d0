import type { SaveState } from "./createSaver";

/** How saving stands, in the words shown. */
export function savingWords(state: SaveState): string {
  switch (state.kind) {
    case "saved":
      return state.at ? `saved ${state.at}` : "saved";
    case "saving":
      return "saving";
    case "waiting":
      return "not saved yet, kept on this device";
    case "refused":
      return `not saved: ${state.refusal.errors?.[0]?.message ?? state.refusal.detail ?? state.refusal.title}`;
    case "stale":
      return "not saved: there is a newer version";
    case "gone":
      return "not saved: it was archived or deleted elsewhere";
  }
}

export const isQuiet = ({ kind }: SaveState): boolean => kind === "saved" || kind === "saving";
