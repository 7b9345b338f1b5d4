import Link from 'next/link';
import { PrintButton } from './PrintButton';

/** Above a sheet of paper, and not on it: the way back to its plan, and printing. */
export function SheetBar({ planId }: { planId: string }) {
  return (
    <div className="mb-4 flex items-center justify-between gap-3" data-no-print>
      <Link href={`/plans/${planId}`} className="button">
        Back to the plan
      </Link>
      <PrintButton />
    </div>
  );
}
