'use client';
import {
  Columns2,
  FileJson,
  Image,
  PencilRuler,
  Printer,
  Ruler,
  Shapes,
  Signpost,
  Table2,
  TriangleAlert,
} from 'lucide-react';
import { useRouter } from 'next/navigation';
import * as Menu from 'radix-ui/dropdown-menu';
import { type ReactNode, useEffect, useRef } from 'react';
import { planFile } from '@/formats/planFile';
import { SEEN } from '@/text/views';
import { compareHref } from '../compare/columns';
import { takeDrawing } from '../furniture/takeDrawing';
import { takeOut } from '../furniture/takeOut';
import { say, sessionHere, useBench, usePlan, useWhole, useWorked } from '../session/bench';
import { takeStep } from '../tour/tour';

/** What can be taken out of the plan, as a file or on paper. */
export function FileMenu({ face }: { face: ReactNode }) {
  const plan = usePlan();
  const view = useBench((s) => (s.run && s.plan?.run ? 'run' : s.view));
  const seen = view === 'run' ? 'the run, from its side and from above' : SEEN[view];
  const whole = useWhole();
  const worked = useWorked();
  const router = useRouter();
  const content = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // opened by the button that stood here before: its first item has the focus, as on every later opening by key
    const frame = requestAnimationFrame(() =>
      content.current?.querySelector<HTMLElement>('[role="menuitem"]')?.focus(),
    );
    return () => cancelAnimationFrame(frame);
  }, []);
  const months = async (): Promise<void> => {
    const { demandCsv } = await import('@/formats/demandCsv');
    takeOut(demandCsv(plan, whole));
  };
  const drawing = async (asked: Parameters<typeof takeDrawing>[1]): Promise<void> => {
    say('Drawing…');
    const failed = await takeDrawing(plan, asked);
    say(failed ?? 'The drawing is in your downloads');
    if (failed !== null) useBench.setState({ news: failed });
  };
  /** Another page shows what is stored. */
  const page = async (address: string): Promise<void> => {
    await sessionHere().saver.saveNow();
    router.push(address);
  };
  return (
    <Menu.Root defaultOpen modal={false}>
      <Menu.Trigger className="button" title="Take out or print">
        {face}
      </Menu.Trigger>
      <Menu.Content
        ref={content}
        align="end"
        sideOffset={4}
        className="z-30 min-w-60 border border-strong bg-raised py-1 shadow-xl"
      >
        <Item
          icon={<FileJson size={16} aria-hidden />}
          name="The plan, as a file"
          note="to keep, or to bring in elsewhere"
          act={() => takeOut(planFile(plan))}
        />
        <Item
          icon={<Table2 size={16} aria-hidden />}
          name="Table of months"
          note="eggs, feed and water, for a spreadsheet"
          disabled={!worked || whole.months.length === 0}
          act={() => void months()}
        />
        <Item
          icon={<Shapes size={16} aria-hidden />}
          name="Drawing for other programs"
          note={`${seen}, in layers (DXF)`}
          act={() => void drawing({ view, format: 'dxf' })}
        />
        <Item
          icon={<Shapes size={16} aria-hidden />}
          name="Drawing as lines"
          note={`${seen} (SVG)`}
          act={() => void drawing({ view, format: 'svg' })}
        />
        <Item
          icon={<Image size={16} aria-hidden />}
          name="Picture"
          note={`${seen} (PNG)`}
          act={() => void drawing({ view, format: 'png' })}
        />
        <Menu.Separator className="my-1 border-line border-t" />
        <Item
          icon={<Printer size={16} aria-hidden />}
          name="Print the plan"
          note="on one page"
          act={() => void page(`/plans/${plan.id}/print`)}
        />
        <Item
          icon={<Ruler size={16} aria-hidden />}
          name="Drawing to scale"
          note={`${seen}, to print (PDF)`}
          act={() => void drawing({ view, format: 'pdf' })}
        />
        <Item
          icon={<PencilRuler size={16} aria-hidden />}
          name="Story sticks"
          note="at full size, to cut out and mark by (PDF)"
          act={() => void drawing({ view: 'sticks', format: 'pdf' })}
        />
        <Item
          icon={<TriangleAlert size={16} aria-hidden />}
          name="Sheet of cautions"
          note="to print and pin up"
          act={() => void page(`/plans/${plan.id}/cautions`)}
        />
        <Menu.Separator className="my-1 border-line border-t" />
        <Item
          icon={<Columns2 size={16} aria-hidden />}
          name="Side by side"
          note="with a variant or another plan"
          act={() => void page(compareHref([plan.id]))}
        />
        <Item
          icon={<Signpost size={16} aria-hidden />}
          name="The tour"
          note="round this screen in five steps"
          act={() => takeStep(0)}
        />
      </Menu.Content>
    </Menu.Root>
  );
}

function Item({
  icon,
  name,
  note,
  disabled = false,
  act,
}: {
  icon: ReactNode;
  name: string;
  note: string;
  disabled?: boolean;
  act: () => void;
}) {
  return (
    <Menu.Item
      disabled={disabled}
      onSelect={act}
      className="grid cursor-pointer grid-cols-[16px_1fr] items-start gap-x-2.5 px-3 py-1.5 outline-none data-[disabled]:cursor-default data-[highlighted]:bg-sunk data-[disabled]:text-soft max-lg:min-h-[44px]"
    >
      <span className="mt-[3px]">{icon}</span>
      <span>
        {name}
        <span className="block text-[0.84rem] text-soft">{note}</span>
      </span>
    </Menu.Item>
  );
}
