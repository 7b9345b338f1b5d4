import { ArrowLeft } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { ThemeButton } from '../theme/ThemeButton';

/** The way back to the list of plans; its name says where it leads. */
export const ToPlans = () => (
  <Link href="/" className="icon-button" aria-label="All plans" title="All plans">
    <ArrowLeft size={18} aria-hidden />
  </Link>
);

/** What stands over a page that is not a plan's: the way back, its name, and what belongs to the whole of it. */
export const PageHead = ({ title, children }: { title: string; children?: ReactNode }) => (
  <header className="flex items-center gap-3 border-ink border-b-2 pb-2">
    <ToPlans />
    <h1 className="min-w-0 flex-1 text-[1.5rem] leading-none">{title}</h1>
    {children}
    <ThemeButton />
  </header>
);
