import { RecordChapter } from "@/features/record/RecordChapter";

export default function Page() {
  return <RecordChapter />;
}
