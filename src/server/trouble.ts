import "server-only";
import { readdirSync, statSync } from "node:fs";
import { join } from "node:path";
import { backupsIn, databasePath, dataFolder, inspectBackup, StudioInUse } from "@/store";

/** Why the studio could not be opened, and what can be done. */
export interface Trouble {
  readonly title: string;
  readonly what: string;
  readonly file: string;
  /** The newest backup that is whole, if there is one. */
  readonly backup: { readonly name: string; readonly at: string } | null;
  /** Where the studio is open already. */
  readonly url: string | null;
}

const MOST_LOOKED_AT = 12;

/** The newest copy in backups/ that could take the studio's place. */
function newestGoodBackup(folder: string): Trouble["backup"] {
  let names: string[] = [];
  try {
    names = readdirSync(backupsIn(folder)).filter((name) => name.endsWith(".db"));
  } catch {
    return null;
  }
  const files = names
    .map((name) => ({ name, at: statSync(join(backupsIn(folder), name)).mtime.toISOString() }))
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, MOST_LOOKED_AT);
  return (
    files.find(({ name }) => {
      try {
        inspectBackup(join(backupsIn(folder), name));
        return true;
      } catch {
        return false;
      }
    }) ?? null
  );
}

const causes = (error: unknown): unknown[] =>
  error instanceof Error ? [error, ...(error.cause ? causes(error.cause) : [])] : [error];

/** What stands behind an error of opening, in words of its own. */
function wordsOf(error: unknown): Pick<Trouble, "title" | "what"> & { isWhole: boolean } {
  const all = causes(error);
  const code = all.map((entry) => (entry as { code?: string }).code ?? "").join(" ");
  const text = all
    .map((entry) => (entry instanceof Error ? entry.message : String(entry)))
    .join(" ");
  const last = all.at(-1);
  const deepest = last instanceof Error ? last.message : String(last);
  if (/newer Dermagraph/.test(text))
    return {
      title: "This studio is from a newer Dermagraph",
      what: "Open it with that version, or install the newer one here. Nothing was changed.",
      isWhole: true,
    };
  if (/READONLY|EACCES|EROFS|EPERM|CANTOPEN/.test(code))
    return {
      title: "The studio can't be written",
      what: "The folder or the file is read-only for the user that runs Dermagraph. Nothing was changed.",
      isWhole: true,
    };
  if (/FULL|ENOSPC/.test(code))
    return {
      title: "The disk is full",
      what: "Free some space, then start Dermagraph again. Nothing was changed.",
      isWhole: true,
    };
  return {
    title: "The studio's file is damaged",
    what: `It can't be opened: ${deepest.slice(0, 160)}. Nothing was changed.`,
    isWhole: false,
  };
}

/** Reads the trouble out of what opening the studio threw. */
export function troubleOf(error: unknown, folder = dataFolder()): Trouble {
  const file = databasePath(folder);
  const inUse = causes(error).find((entry) => entry instanceof StudioInUse);
  if (inUse)
    return {
      title: "This studio is open already",
      what: "Another Dermagraph is running on it. Use that one, or stop it first.",
      file,
      backup: null,
      url: inUse.url,
    };
  const { title, what, isWhole } = wordsOf(error);
  return { title, what, file, backup: isWhole ? null : newestGoodBackup(folder), url: null };
}

const escaped = (text: string) => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** A page that stands without the application: its body is HTML. */
export const messagePage = (title: string, body: string): string => `<!doctype html><html lang="en">
<meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${escaped(title)} · Dermagraph</title>
<style>body{font:18px/1.5 sans-serif;max-width:38rem;margin:12vh auto;padding:0 1rem;background:#f4f4f2;color:#1a1a18}
button{font:inherit;padding:.7em 1.1em}input{font:inherit;padding:.6em;width:100%;max-width:24rem;box-sizing:border-box}
code{overflow-wrap:anywhere}
@media (prefers-color-scheme:dark){body{background:#1a1a18;color:#eee}a{color:inherit}}</style>
<h1>${escaped(title)}</h1>${body}</html>`;

/** The one page that answers every address meanwhile. */
export function troublePage({ title, what, file, backup, url }: Trouble): string {
  const offer = backup
    ? `<form method="post" action="/recover?backup=${encodeURIComponent(backup.name)}">
       <p>The newest whole backup is <strong>${escaped(backup.name)}</strong>, of
       ${escaped(backup.at.slice(0, 16).replace("T", " "))}. The damaged file is kept beside it.</p>
       <button>Use this backup</button></form>`
    : "";
  const elsewhere = url ? `<p><a href="${escaped(url)}">Open it at ${escaped(url)}</a></p>` : "";
  return messagePage(
    title,
    `<p>${escaped(what)}</p><p>The file: <code>${escaped(file)}</code></p>${offer}${elsewhere}`,
  );
}
