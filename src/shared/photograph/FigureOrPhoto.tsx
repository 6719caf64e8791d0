"use client";

import { Camera } from "lucide-react";
import { useState, type ReactNode } from "react";
import { isChild } from "@/core/people";
import { LookOnPhoto, type Drawn } from "./LookOnPhoto";
import { useKeptPhoto } from "./useKeptPhoto";

interface FigureOrPhotoProps extends Drawn {
  /** The drawn figure, for who has no photograph, or wants none. */
  children: ReactNode;
  /** Whether it fills what it stands in; else it is as high as the photograph is. */
  fills?: boolean;
}

/** The drawn figure, or the very person where this browser has a photograph of them that may be shown. */
export function FigureOrPhoto({ children, fills = false, ...drawn }: FigureOrPhotoProps) {
  const { look, context } = drawn;
  const { person } = context;
  const { photo } = useKeptPhoto(person.id);
  const [wanted, setWanted] = useState(false);
  const mayBeSeen = !isChild(person) || person.guardianConsent;
  const isShown = wanted && mayBeSeen && photo?.points;
  return (
    <>
      {isShown ? (
        <div
          className={`relative flex w-full ${fills ? "min-h-0 flex-1" : ""}`}
          style={fills ? {} : { aspectRatio: `${photo.width} / ${photo.height}` }}
        >
          <LookOnPhoto
            {...drawn}
            photo={photo}
            label={`${look.name} on a photograph of ${person.name}`}
          />
        </div>
      ) : (
        children
      )}
      {photo?.points && mayBeSeen && (
        <button
          type="button"
          className="no-print btn btn-sm m-2 self-start border-[#111] bg-[#f4f4f3] text-[#111]"
          aria-pressed={wanted}
          onClick={() => setWanted(!wanted)}
        >
          <Camera size={16} aria-hidden />
          {wanted ? "Drawn" : "On their photograph"}
        </button>
      )}
    </>
  );
}
