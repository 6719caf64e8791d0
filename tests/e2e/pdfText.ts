import { spawnSync } from "node:child_process";

/** The text of a PDF as another program reads it, behind its number of pages: "2 pages ...". In a process of its own: the reader is a module of another kind. */
export function pdfText(bytes: Buffer): string {
  const script = `import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs"; const chunks = []; for await (const chunk of process.stdin) chunks.push(chunk);
    const file = await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise; let text = file.numPages + " pages ";
    for (let n = 1; n <= file.numPages; n++) text += (await (await file.getPage(n)).getTextContent()).items.map((item) => item.str).join(" ") + " "; process.stdout.write(text);`;
  return spawnSync(process.execPath, ["--input-type=module", "-e", script], {
    input: bytes,
    cwd: process.cwd(),
  }).stdout.toString();
}
