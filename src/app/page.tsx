import { redirect } from 'next/navigation';

/** The first screen shows work. */
export default function Home(): never {
  redirect('/ticket');
}
