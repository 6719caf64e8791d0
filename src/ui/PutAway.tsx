"use client";

import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { send } from "./request";

interface PutAwayProps {
  /** Route that takes `{ archived }`. */ url: string;
  name: string;
  /** Where to go once it is away. */ then: string;
}

/** Puts something out of sight, with the way back in the toast; nothing is deleted. */
export function PutAway({ url, name, then }: PutAwayProps) {
  const router = useRouter();
  const set = async (archived: boolean) => {
    const answer = await send("PUT", url, { archived });
    if (!answer.ok) {
      toast(answer.refusal.title);
      return false;
    }
    router.refresh();
    return true;
  };
  const putAway = async () => {
    if (!(await set(true))) return;
    router.push(then);
    toast(`${name} archived`, { action: { label: "Undo", onClick: () => void set(false) } });
  };
  return (
    <button type="button" className="btn" onClick={() => void putAway()}>
      Archive {name}
    </button>
  );
}
