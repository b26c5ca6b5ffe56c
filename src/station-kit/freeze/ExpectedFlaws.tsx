'use client';

import { Button } from 'antd';
import Link from 'next/link';
import type { CastFlaw } from '@/core/freezing/cast-flaws';
import { castQuestion, cavityLoft, cavitySubject, usualDraft } from '@/model/molds/cast-question';
import type { BatchCavity } from '@/model/quality/batch-facts';
import type { HookBin, MetalBin } from '@/records/bin';
import { flawTitle } from '@/text/cast-words';
import { markText } from '@/text/words';
import { stack } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import { JobFailure } from '../JobFailure';
import { useJob } from '../use-job';
import styles from './freeze.module.css';
import { JobBar } from './JobBar';

interface ExpectedFlawsProps {
  readonly cavities: readonly BatchCavity[];
  readonly metal: MetalBin;
  readonly hook: HookBin | null;
}

interface Expected {
  readonly cavity: BatchCavity;
  readonly flaws: readonly CastFlaw[];
}

interface Telling {
  readonly share: number;
  readonly told: readonly Expected[];
}

/** Enough to tell which flaw comes where. */
const BRICKS = 18_000;

/** Which flaw to expect from which cavity, by following how each freezes: beside what the bench's own castings have shown. */
export function ExpectedFlaws({ cavities, metal, hook }: ExpectedFlawsProps) {
  const { mass } = useUnits();
  const job = useJob<Telling>();
  const questions = cavities.flatMap((cavity) => {
    const subject = cavitySubject(cavity.mold, cavity.cavity, hook, metal);
    const draft = usualDraft(cavity.mold, cavity.cavity, cavityLoft(cavity.cavity), metal);
    const question = subject ? castQuestion(subject, draft, metal) : null;
    return question ? [{ cavity, question }] : [];
  });
  if (questions.length === 0) return null;
  const follow = () =>
    job.start(async ({ ask, say }) => {
      const told: Expected[] = [];
      for (const [nth, { cavity, question }] of questions.entries()) {
        const { source, casting, setting } = question;
        const found = await ask(
          'freezeCasting',
          { source, casting, setting, timed: null, mostBricks: BRICKS },
          ({ share }) => say({ share: (nth + share) / questions.length, told: [...told] }),
        );
        if (found.ok) told.push({ cavity, flaws: found.value.picture.flaws });
      }
      return { share: 1, told };
    });
  const told = job.is === 'done' ? (job.answer?.told ?? null) : null;
  return (
    <section className={stack(8)} aria-label="What freezing leads one to expect">
      <h3>What freezing leads one to expect</h3>
      {told === null && job.is !== 'working' ? (
        <div>
          <Button onClick={follow}>Follow how {questions.length === 1 ? 'it freezes' : 'they freeze'}</Button>
        </div>
      ) : null}
      <JobBar job={job} says="Following the freezing" />
      <JobFailure job={job} />
      {told ? (
        <ul className={styles.expected}>
          {told.map(({ cavity: { mold, index, cavity }, flaws }) => (
            <li key={`${mold.id}${cavity.id}`}>
              <Link href={`/molds?view=freeze&mold=${mold.id}&cavity=${index}`}>
                {mold.name}, cavity {index + 1}, {markText(cavity.nominalG, mass)}
              </Link>
              :{' '}
              {flaws.length === 0
                ? 'no flaw expected'
                : [...new Set(flaws.map(flawTitle))].join(', ').toLowerCase()}
            </li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}
