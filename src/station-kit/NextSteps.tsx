'use client';

import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import type { NextStep } from '@/model/next/next-steps';
import { wrap } from '@/ui/layout/layout';

/** Where what was just booked goes on: one press, and it is in hand there. */
export function NextSteps({ steps }: { readonly steps: readonly NextStep[] }) {
  const router = useRouter();
  if (steps.length === 0) return null;
  return (
    <nav className={wrap(8)} aria-label="Next">
      {steps.map(({ says, href }, nth) => (
        <Button key={href} type={nth === 0 ? 'primary' : 'default'} onClick={() => router.push(href)}>
          {says}
        </Button>
      ))}
    </nav>
  );
}
