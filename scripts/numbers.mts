// npm run numbers: writes docs/numbers.md from the code.
import { writeFileSync } from "node:fs";
import { numbersMarkdown } from "../tests/numbers/table";

writeFileSync(new URL("../docs/numbers.md", import.meta.url), numbersMarkdown());
