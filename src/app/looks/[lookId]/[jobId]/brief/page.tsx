import { BriefChapter } from "@/features/brief/BriefChapter";

export default function Page() {
  return <BriefChapter />;
}
