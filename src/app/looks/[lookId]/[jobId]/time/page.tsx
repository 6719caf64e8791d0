import { TimeChapter } from "@/features/time/TimeChapter";

export default function Page() {
  return <TimeChapter />;
}
