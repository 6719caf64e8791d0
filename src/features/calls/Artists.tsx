import { Plus, X } from "lucide-react";
import { ARTIST_SKILL_KEYS, ARTIST_SKILLS, type Artist, type CallFields } from "@/core/plan";
import { focusSoon } from "@/ui/focusSoon";
import { NumberInput } from "@/ui/NumberInput";

const MOST = 12;

/** Who paints at a call, what each can do, and who comes late. */
export function Artists({
  fields,
  change,
}: {
  fields: CallFields;
  change: (fields: CallFields) => void;
}) {
  const { artists } = fields;
  const put = (at: number, artist: Artist) =>
    change({ ...fields, artists: artists.with(at, artist) });
  return (
    <fieldset>
      <legend className="label-line">Artists</legend>
      <ul className="flex flex-col gap-2">
        {artists.map((artist, i) => (
          <li key={i} className="flex flex-wrap items-end gap-3 border-b rule pb-2">
            <label className="text-sm">
              <span className="label-line">Name</span>
              <input
                type="text"
                maxLength={60}
                className="input !w-40"
                data-artist={i}
                aria-label={`Name of artist ${i + 1}`}
                value={artist.name}
                onChange={(event) =>
                  put(i, { ...artist, name: event.target.value.trimStart() || `artist ${i + 1}` })
                }
              />
            </label>
            <label className="text-sm">
              <span className="label-line">Late by, min</span>
              <NumberInput
                least={0}
                most={600}
                whole
                className="!w-24"
                label={`Artist ${i + 1} is late by, min`}
                value={artist.lateMinutes}
                onChange={(lateMinutes) => put(i, { ...artist, lateMinutes })}
              />
            </label>
            <div
              role="group"
              aria-label={`What artist ${i + 1} can do`}
              className="flex flex-wrap gap-x-4 text-sm"
            >
              {ARTIST_SKILL_KEYS.map((skill) => (
                <label key={skill} className="flex min-h-10 items-center gap-2">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={artist.skills === null || artist.skills.includes(skill)}
                    onChange={(event) => {
                      const own = (artist.skills ?? ARTIST_SKILL_KEYS).filter(
                        (key) => key !== skill,
                      );
                      const next = event.target.checked ? [...own, skill] : own;
                      put(i, {
                        ...artist,
                        skills: next.length === ARTIST_SKILL_KEYS.length ? null : next,
                      });
                    }}
                  />
                  {ARTIST_SKILLS[skill]}
                </label>
              ))}
            </div>
            {artists.length > 1 && (
              <button
                type="button"
                className="btn btn-sm"
                aria-label={`Remove ${artist.name}`}
                onClick={() => {
                  change({ ...fields, artists: artists.toSpliced(i, 1) });
                  focusSoon(`[data-artist="${Math.min(i, artists.length - 2)}"]`);
                }}
              >
                <X size={16} aria-hidden />
              </button>
            )}
          </li>
        ))}
      </ul>
      {artists.length < MOST && (
        <button
          type="button"
          className="btn btn-sm mt-2"
          onClick={() =>
            change({
              ...fields,
              artists: [
                ...artists,
                { name: `artist ${artists.length + 1}`, skills: null, lateMinutes: 0 },
              ],
            })
          }
        >
          <Plus size={16} aria-hidden />
          Another artist
        </button>
      )}
    </fieldset>
  );
}
