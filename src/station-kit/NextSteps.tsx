'use client';

import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import { keepDraft, readDraft } from '@/data/device/drafts';
import type { NextStep } from '@/model/next/next-steps';
import { newDraft } from '@/model/tickets/ticket-draft';
import { readTicketDraft } from '@/records/drafts';
import { wrap } from '@/ui/layout/layout';
import { useBench } from './BenchProvider';
import { inBackground } from './in-background';
import { useCastHeads } from './use-cast-heads';

/** Where what was just booked goes on: one press, and it is in hand there. */
export function NextSteps({ steps }: { readonly steps: readonly NextStep[] }) {
  const router = useRouter();
  const { view, workshop } = useBench();
  const { begin } = useCastHeads();
  const go = async ({ href, takes }: NextStep) => {
    const batchId = takes?.is === 'cast' ? await begin(takes.cast) : null;
    // A ticket that is half written stays as it is.
    if (takes?.is === 'ticket' && readTicketDraft(readDraft(window.localStorage, 'ticket')) === null) {
      const { lines, ...draft } = newDraft(workshop.newId(), view.metals);
      keepDraft(window.localStorage, 'ticket', {
        ...draft,
        lines: lines.map((line) => ({ ...line, ...takes.line })),
      });
    }
    router.push(batchId === null ? href : `${href}?batch=${batchId}`);
  };
  if (steps.length === 0) return null;
  return (
    <nav className={wrap(8)} aria-label="Next">
      {steps.map((step, nth) => (
        <Button
          key={`${step.href} ${step.says}`}
          type={nth === 0 ? 'primary' : 'default'}
          onClick={() => inBackground(go(step))}
        >
          {step.says}
        </Button>
      ))}
    </nav>
  );
}
