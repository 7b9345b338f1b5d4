'use client';
import { Keyboard, Redo2, Undo2 } from 'lucide-react';
import { SentenceText } from '../figure/SentenceText';
import { WorkingHost } from '../figure/WorkingHost';
import { changeUnits } from '../furniture/changeUnits';
import { ToPlans } from '../furniture/PageHead';
import { HistoryButton } from '../history/HistoryButton';
import { useKeys } from '../keys/useBenchKeys';
import { redo, undo, useBench, usePlan, useWhole } from '../session/bench';
import { ThemeButton } from '../theme/ThemeButton';
import { FileButton } from './FileButton';
import { Notices } from './Notices';
import { PlanName } from './PlanName';
import { SavedState } from './SavedState';

/** The plan's name, the one sentence, the saved state, undo and redo, units, and what can be taken out. */
export function BenchHeader() {
  const plan = usePlan();
  const { sentence } = useWhole();
  const canUndo = useBench((s) => s.past[s.past.length - 1]?.name ?? null);
  const canRedo = useBench((s) => s.future[0]?.name ?? null);
  const other = plan.units === 'metric' ? 'imperial' : 'metric';
  return (
    <header className="border-ink border-b-2 bg-paper">
      <WorkingHost
        className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2"
        workingClassName="px-4"
      >
        <a
          href="#panel"
          className="sr-only focus:not-sr-only focus:absolute focus:z-40 focus:border focus:border-strong focus:bg-raised focus:px-3 focus:py-1.5"
        >
          Skip to the panel
        </a>
        <ToPlans />
        <div className="min-w-0 flex-1">
          <PlanName />
          <h1
            // room for two lines: a longer sentence moves nothing under it
            className="text-[1.32rem] max-lg:text-[1.15rem] lg:flex lg:min-h-[2lh] lg:flex-col lg:justify-center"
            data-sentence
            data-begin
            aria-live="polite"
          >
            <span>
              <SentenceText sentence={sentence} />
            </span>
          </h1>
        </div>
        <div className="flex items-center gap-1 max-lg:w-full max-lg:flex-wrap max-lg:justify-end max-lg:gap-0">
          <div className="mr-2 max-lg:mr-auto">
            <SavedState />
          </div>
          <button
            type="button"
            className="icon-button"
            disabled={canUndo === null}
            onClick={undo}
            aria-label="Undo"
            title={canUndo ? `Undo: ${canUndo}` : 'Nothing to undo'}
          >
            <Undo2 size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="icon-button"
            disabled={canRedo === null}
            onClick={redo}
            aria-label="Redo"
            title={canRedo ? `Redo: ${canRedo}` : 'Nothing to redo'}
          >
            <Redo2 size={17} aria-hidden />
          </button>
          <HistoryButton />
          <ThemeButton />
          <button
            type="button"
            className="icon-button max-lg:hidden"
            onClick={() => useKeys.setState({ open: true })}
            aria-label="Keys"
            title="Keys (?)"
          >
            <Keyboard size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="button max-lg:mr-1"
            title={`Show ${other} units`}
            aria-label={`Units: ${plan.units}. Show ${other}`}
            onClick={changeUnits}
          >
            {plan.units === 'metric' ? 'm, kg' : 'ft, lb'}
          </button>
          <FileButton />
        </div>
      </WorkingHost>
      <Notices />
    </header>
  );
}
