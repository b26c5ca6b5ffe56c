import type { Metadata } from 'next';
import { AnswersPage } from '@/app-shell/answers/AnswersPage';

export const metadata: Metadata = { title: 'Quick answers' };

/** Beside the line of stations: what can be asked before anything is put down. */
export default function Page() {
  return <AnswersPage />;
}
