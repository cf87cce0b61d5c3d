import { useRef, useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../api/types";
import { PlaceHeading } from "../app/PlaceHeading";
import { useBraisePlace } from "../braise/BraiseContext";
import { Flares } from "../clock/Flares";
import { useTable } from "../kit/useTable";
import { PotNow } from "../pot/PotNow";
import { Ahead } from "./Ahead";
import { columnsOf } from "./columns";
import { JobList } from "./JobList";
import { Lanes, rowsOf } from "./Lanes";
import { Meal } from "./Meal";
import { NoDay } from "./NoDay";
import { SwitchOn } from "./SwitchOn";
import { Upright } from "./Upright";
import { useJobs } from "./useJobs";
import { WhereFields } from "./WhereFields";
import { Wishes } from "./Wishes";

/** The pot at the moment of the job that is pointed at. */
const POT_PX = 190;
const LABELS = { before: "Before the pot is on", pot: "While it cooks", plate: "To the plate and the fridge" };

/** The whole meal in one kitchen: what to do when, drawn and in one list, around the wishes that move it. */
export function DayPlace() {
  const { adaptation, before, view, draft, at, lookAt } = useBraisePlace();
  const table = useTable();
  const columns = useRef<HTMLDivElement>(null);
  const [pointed, setPointed] = useState<JobView | null>(null);
  const onPoint = (job: JobView | null) => {
    setPointed(job);
    lookAt(job === null ? null : Date.parse(job.from));
  };
  const { move, keep } = useJobs();
  const day = adaptation?.wholeDay ?? null;
  const files = (
    <p className="flex flex-wrap gap-x-4 text-sm">
      <a href={`/api/braises/${view.id}/calendar.ics`} className="link" download>
        Calendar file
      </a>
      <a href={`/api/braises/${view.id}/day.md`} className="link" download>
        the list as text
      </a>
      <a href="/api/braises/calendar.ics" className="link">
        calendar to subscribe to
      </a>
      <Link to={`/phone?to=/braises/${view.id}/stove`} className="link">
        to the phone
      </Link>
    </p>
  );
  if (adaptation === null || day === null) {
    return (
      <div className="grid gap-x-8 gap-y-6 pt-3 table:grid-cols-[minmax(0,1fr)_24rem] table:grid-rows-[auto_1fr]">
        <NoDay />
        <div className="min-w-0 table:col-start-2 table:row-span-2 table:row-start-1">
          <Wishes />
        </div>
        <div className="grid max-w-md min-w-0 content-start gap-4">
          <WhereFields />
          <Ahead />
        </div>
      </div>
    );
  }
  const now = Date.parse(adaptation.ribbon.now);
  const numberOf = (job: JobView) => day.jobs.findIndex((one) => one.id === job.id) + 1;
  const list = (jobs: JobView[], label: string) => (
    <JobList
      compact={!table}
      jobs={jobs}
      day={day}
      label={label}
      now={now}
      numberOf={numberOf}
      pointed={pointed}
      onPoint={onPoint}
    />
  );
  if (!table) {
    const meal = columnsOf(day, adaptation.ribbon).find((part) => part.name === "plate");
    return (
      <div className="grid gap-4 pt-2">
        <PlaceHeading className="sr-only">The day</PlaceHeading>
        <Upright adaptation={adaptation} day={day}>
          {list(day.jobs, "What to do, in order")}
        </Upright>
        <SwitchOn />
        <Wishes />
        <WhereFields />
        <Ahead />
        {meal?.stretch && (
          <details>
            <summary className="link inline-block cursor-pointer">The meal, opened: a column for each cook</summary>
            <Meal column={meal} day={day} adaptation={adaptation} />
          </details>
        )}
        {files}
      </div>
    );
  }
  const parts = columnsOf(day, adaptation.ribbon);
  const rows = rowsOf(day);
  return (
    <>
      <PlaceHeading className="sr-only">The day</PlaceHeading>
      <Flares ribbon={adaptation.ribbon} stretches={parts.map((part) => part.stretch)} columns={columns} />
      <div ref={columns} className="grid grid-cols-[minmax(0,1.15fr)_minmax(0,0.9fr)_minmax(0,1.35fr)] gap-x-7">
        {parts.map((part, index) => (
          <div key={part.name} className="min-w-0">
            <Lanes
              column={part}
              day={day}
              adaptation={adaptation}
              rows={rows}
              names={index === 0}
              numberOf={numberOf}
              pointed={pointed}
              onPoint={onPoint}
              onMove={move}
              onKeep={keep}
            />
            <div className="mt-2">
              {part.jobs.length > 0 && list(part.jobs, LABELS[part.name])}
              {part.name === "before" && (
                <div className="mt-4 grid gap-2">
                  <SwitchOn />
                  {files}
                  <Ahead />
                  <PotNow
                    adaptation={adaptation}
                    before={before}
                    at={at}
                    school={draft.level}
                    most={POT_PX}
                    margin={10}
                  />
                  <p className="text-sm text-soft">
                    Drag a job, or move it by arrow keys; press it, or its ring, and it stays at this time. Press its
                    time to type another.
                  </p>
                </div>
              )}
              {part.name === "pot" && (
                <div className="mt-3">
                  <Wishes />
                </div>
              )}
              {part.name === "plate" && (
                <div className="mt-4">
                  <WhereFields />
                </div>
              )}
            </div>
          </div>
        ))}
      </div>
    </>
  );
}
