import { ask } from "@/shared/ask";
import type { ZoneId } from "@/core/anatomy";
import { sendFile, type Refusal } from "@/ui/request";
import { tookMinutes } from "./MinutesPanel";
import type { Typed } from "./useRecordDraft";
import type { Sitting } from "./useSitting";

const lines = (text: string): string[] =>
  text
    .split("\n")
    .map((line) => line.trim().slice(0, 200))
    .filter(Boolean)
    .slice(0, 20);

/** All that a record is made from. */
interface RecordToSave {
  readonly job: { readonly lookId: string; readonly jobId: string };
  readonly layerIds: readonly string[];
  readonly typed: Typed;
  readonly sitting: Sitting | null;
}

/** A record as the studio takes it. */
function bodyOf({ job, layerIds, typed, sitting }: RecordToSave) {
  const { after, held, minutes, words, answers, check = null } = typed;
  const { changes, ...said } = words;
  return {
    ...job,
    seen: (Object.entries(held) as [ZoneId, string][])
      .filter(([, percent]) => percent)
      .map(([zone, percent]) => ({ zone, afterHours: after, wholePercent: Number(percent) })),
    steps: layerIds.flatMap((layerId) => {
      const actualMinutes = tookMinutes(layerId, minutes, sitting);
      return actualMinutes ? [{ layerId, actualMinutes }] : [];
    }),
    ...said,
    ...answers,
    rehearsal: sitting?.log.rehearsal ?? false,
    session: sitting?.session ?? null,
    interruptions: (sitting?.log.interruptions ?? []).map(({ minutes: length, why }) => ({
      minutes: Math.round(length * 10) / 10,
      why: why.slice(0, 200),
    })),
    changes: lines(changes),
    check,
  };
}

/** Sends a record and its pictures. @returns what was refused of the pictures, or why none of it was taken */
export async function saveRecord(
  record: RecordToSave,
  pictures: readonly File[],
): Promise<{ ok: true; refused: string[] } | { ok: false; refusal: Refusal }> {
  const answer = await ask("POST /api/records", {}, bodyOf(record));
  if (!answer.ok) return answer;
  const refused: string[] = [];
  for (const file of pictures) {
    const sent = await sendFile(`/api/records/${answer.value.id}/picture`, file);
    if (!sent.ok) refused.push(`${file.name}: ${sent.refusal.detail ?? sent.refusal.title}`);
  }
  return { ok: true, refused };
}
