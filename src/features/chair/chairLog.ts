import { z } from "zod";
import { createStore } from "zustand";
import { ChairEventSchema, lastSitting, nextSeq, type ChairEvent } from "@/core/chair";
import { CHAIR_LOG } from "@/ui/keptChairs";
import { localIso } from "@/ui/moment";
import { send, type Answer } from "@/ui/request";

const KeptSchema = z.object({ events: z.array(ChairEventSchema), sent: z.array(z.string()) });
type Kept = z.infer<typeof KeptSchema>;

const NOTHING: Kept = { events: [], sent: [] };
export const keyOf = (lookId: string, jobId: string | null): string =>
  `${CHAIR_LOG}${lookId}.${jobId ?? "anyone"}`;

function readKept(key: string): Kept {
  try {
    const kept = KeptSchema.safeParse(JSON.parse(localStorage.getItem(key) ?? "null"));
    return kept.success ? kept.data : NOTHING;
  } catch {
    return NOTHING;
  }
}

/** How the log stands with the studio. */
export type Sending =
  | { readonly kind: "sent" }
  | { readonly kind: "kept"; readonly waiting: number }
  | { readonly kind: "refused"; readonly why: string };
export interface ChairLog {
  readonly events: readonly ChairEvent[];
  readonly sending: Sending;
  /** What the studio has found since this chair was opened that stops it. */
  readonly stops: readonly string[];
}
export type Logged = Pick<ChairEvent, "kind"> & Partial<ChairEvent>;

const RETRY_MS = 3000;
/** The studio takes so many at once. */
const AT_ONCE = 400;

type Post = (url: string, body: unknown) => Promise<Answer<{ stops?: string[] }>>;

/**
 * The log of a chair: written to this browser first, at once, and sent to the studio whenever it answers. Each event has an id of its own, so that it counts
 * once however often it is sent; nothing counts as sent before the studio has said that it has it.
 */
export function createChairLog(
  lookId: string,
  jobId: string | null,
  known: readonly ChairEvent[],
  post: Post = (url, body) => send("POST", url, body),
) {
  const key = keyOf(lookId, jobId);
  const here = () => lastSitting([...known, ...readKept(key).events]);
  const state = createStore<ChairLog>(() => ({
    events: here(),
    sending: { kind: "sent" },
    stops: [],
  }));
  let busy = false;

  async function flush(): Promise<void> {
    if (busy) return;
    const { events, sent } = readKept(key);
    const has = new Set(sent);
    const waiting = events.filter(({ id }) => !has.has(id));
    if (!waiting.length) {
      state.setState({ sending: { kind: "sent" } });
      return;
    }
    state.setState({ sending: { kind: "kept", waiting: waiting.length } });
    busy = true;
    const part = waiting.slice(0, AT_ONCE);
    const answer = await post("/api/chair", { lookId, jobId, events: part });
    busy = false;
    if (answer.ok) state.setState({ stops: answer.value.stops ?? [] });
    if (!answer.ok) {
      const { status, detail, title } = answer.refusal;
      // A dead line is asked again; a refusal is told, and what was logged stays here.
      if (status >= 400 && status < 500)
        state.setState({ sending: { kind: "refused", why: detail ?? title } });
      return;
    }
    const now = readKept(key);
    localStorage.setItem(
      key,
      JSON.stringify({ ...now, sent: [...now.sent, ...part.map(({ id }) => id)] }),
    );
    return flush();
  }

  return {
    state,
    flush,
    log: (values: Logged): void => {
      const kept = readKept(key);
      const logged = [...known, ...kept.events];
      const [first] = lastSitting(logged);
      const session = values.kind === "begin" || !first ? crypto.randomUUID() : first.session;
      const event = ChairEventSchema.parse({
        id: crypto.randomUUID(),
        session,
        at: localIso(new Date()),
        seq: nextSeq(logged),
        ...values,
      });
      localStorage.setItem(key, JSON.stringify({ ...kept, events: [...kept.events, event] }));
      state.setState({ events: here() });
      void flush();
    },
    /** Follows the line and other tabs until it is told to stop. */
    watch(): () => void {
      const timer = setInterval(() => void flush(), RETRY_MS);
      const online = () => void flush();
      const elsewhere = (event: StorageEvent) => {
        if (event.key === key) state.setState({ events: here() });
      };
      window.addEventListener("online", online);
      window.addEventListener("storage", elsewhere);
      void flush();
      return () => {
        clearInterval(timer);
        window.removeEventListener("online", online);
        window.removeEventListener("storage", elsewhere);
      };
    },
  };
}
