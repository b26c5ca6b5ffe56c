import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { STATIONS } from '@/app/stations';
import { Screen } from './Screen';

interface StationPageProps {
  readonly params: Promise<{ station: string }>;
}

async function namedIn({ params }: StationPageProps) {
  const { station } = await params;
  return STATIONS.find(({ key }) => key === station);
}

/** All of them, so that each can be a file. */
export const generateStaticParams = () => STATIONS.map(({ key }) => ({ station: key }));

export async function generateMetadata(props: StationPageProps): Promise<Metadata> {
  return { title: (await namedIn(props))?.name };
}

/** The page of every station: which there are is said by their list alone. */
export default async function StationPage(props: StationPageProps) {
  const station = await namedIn(props);
  if (!station) notFound();
  return <Screen of={station.key} />;
}
