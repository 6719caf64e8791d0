"use client";

import { useState } from "react";
import { boothCheck } from "@/core/advice";
import { closingQueue } from "@/core/schedule";
import type { BoothGiven } from "@/server/booth";
import { useKeptOffline } from "@/shared/useKeptOffline";
import { Empty } from "@/ui/Empty";
import { useMounted } from "@/ui/useMounted";
import { BoothCheck, USUAL_ANSWERS } from "./BoothCheck";
import { BoothClock } from "./BoothClock";
import { MenuChoice } from "./MenuChoice";
import { menuOf, minutesToday } from "./menu";
import { OnOffer } from "./OnOffer";
import { ParentCard } from "./ParentCard";
import { useBooth } from "./useBooth";
import { minutesUntil, useMinute } from "./useMinute";

/** A booth for one thumb: how many more fit, what to offer, whether there is paint, and what to ask each child. */
export function BoothPage({ given }: { given: BoothGiven }) {
  return useMounted() ? <Booth given={given} /> : <p className="p-6">Opening the booth</p>;
}

function Booth({ given }: { given: BoothGiven }) {
  const { day, change } = useBooth();
  const now = useMinute();
  const kept = useKeptOffline();
  const [answers, setAnswers] = useState(USUAL_ANSWERS);
  const [card, setCard] = useState(false);
  // Answers are one child's: after a turn the next is asked anew before anything begins.
  const [isOver, setOver] = useState(false);
  const verdict = boothCheck(answers);
  const held = isOver
    ? "Tap “Next in the queue” and ask the next child first."
    : verdict.may === "wait"
      ? "Ask below first: a parent or guardian has to agree."
      : null;
  const menu = menuOf(given.menu, day);
  const minutesLeft = minutesUntil(day.until, now);
  const timed = menu.map((line) => ({
    ...line,
    minutes: minutesToday(line, day, given.turnover),
  }));
  const closing = timed.length
    ? closingQueue(timed, {
        waiting: day.waiting,
        minutesLeft,
        artists: day.artists,
        turnover: given.turnover,
      })
    : null;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-5">
      <header className="mb-3 flex items-end justify-between">
        <h1 className="text-3xl">Booth</h1>
        <p className="muted text-sm">
          {day.turns.length} painted{kept && " · works offline"}
        </p>
      </header>
      {closing ? (
        <>
          <BoothClock {...{ day, change, closing, now, minutesLeft }} />
          <OnOffer
            menu={timed}
            all={given.menu}
            {...{ day, change, closing, now }}
            allergies={answers.allergies}
            held={held}
            onOver={() => setOver(true)}
          />
        </>
      ) : (
        <Empty title="No design on the menu">
          <p>
            A booth offers your looks that are quick. Make one, or choose from those you have below.
          </p>
        </Empty>
      )}
      <MenuChoice given={given} menu={menu} onChange={(ids) => change({ menu: ids })} />
      <BoothCheck
        settings={given.settings}
        answers={answers}
        onChange={setAnswers}
        onNext={() => {
          setAnswers(USUAL_ANSWERS);
          setOver(false);
        }}
        onCard={() => setCard(true)}
      />
      {card && (
        <ParentCard
          menu={menu}
          answers={answers}
          settings={given.settings}
          begun={day.begun?.id ?? null}
          onClose={() => setCard(false)}
        />
      )}
    </div>
  );
}
