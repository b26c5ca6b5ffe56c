'use client';

import { stack, wrap } from '@/ui/layout/layout';
import { weekdayText } from '@/text/date-text';
import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import type { Ticket } from '@/records/ticket';
import { headText, lotText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { LinePicture } from '@/station-kit/looks/LinePicture';
import { standing } from './TicketRail';
import { WareRows } from './WareRows';
import styles from './ticket.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

/** A written ticket: its heads drawn to scale, and how many of each are cast. */
export function TicketSheet({ ticket, onChange }: { ticket: Ticket; onChange: () => void }) {
  const { workshop, view, carryOut } = useBench();
  const { mass } = useUnits();
  const router = useRouter();
  const { made, count, state } = standing(ticket, view);
  const isCast = made >= count;
  const isOfWares = ticket.lines.every((line) => (view.made.get(line.id) ?? 0) >= line.count);
  const toCoat = ticket.lines
    .filter(({ coatId }) => coatId !== null)
    .reduce((so, { id, count: wanted }) => {
      const settled = (view.coated.get(id) ?? 0) + (view.usedBare.get(id) ?? 0);
      return so + Math.max(0, wanted - settled);
    }, 0);
  const toTie = ticket.lines
    .filter(({ skirtId }) => skirtId !== null)
    .reduce((so, line) => so + Math.max(0, line.count - (view.tied.get(line.id) ?? 0)), 0);
  return (
    <section aria-label={`Ticket ${ticket.no}`}>
      <div className={wrap(10, styles.sheetHead)}>
        <div>
          <h2>
            {ticket.title} <span className={styles.stateWord}>{state}</span>
          </h2>
          <p className="quiet">
            No. {ticket.no}, {ticket.buyer === null ? 'for stock' : `for ${ticket.buyer}`}, within{' '}
            {(ticket.toleranceShare * 100).toFixed(0)} % of the weight asked
            {ticket.note ? `. ${ticket.note}` : ''}
          </p>
        </div>
        <div className={wrap(8)}>
          {ticket.state === 'open' ? (
            <>
              <Button onClick={onChange}>Change</Button>
              <Button onClick={() => inBackground(workshop.tickets.setState(ticket, 'set-aside'))}>
                Set aside
              </Button>
              {isCast && toCoat > 0 ? (
                <Button type="primary" onClick={() => router.push('/coat')}>
                  Coat
                </Button>
              ) : null}
              {isCast && toCoat === 0 && toTie > 0 ? (
                <Button type="primary" onClick={() => router.push('/skirt')}>
                  Tie
                </Button>
              ) : null}
              {ticket.buyer === null ? null : (
                <Button onClick={() => router.push(`/cost?part=offer&ticket=${ticket.id}`)}>
                  Priced list
                </Button>
              )}
              {isCast ? (
                <Button
                  type={toCoat + toTie > 0 ? 'default' : 'primary'}
                  onClick={() => inBackground(carryOut(workshop.tickets.close(ticket.id)))}
                >
                  {ticket.buyer === null ? 'Close' : 'Hand over'}
                </Button>
              ) : isOfWares ? null : (
                <Button type="primary" onClick={() => router.push('/pour')}>
                  Pour
                </Button>
              )}
            </>
          ) : (
            <Button onClick={() => inBackground(workshop.tickets.setState(ticket, 'open'))}>
              Take up again
            </Button>
          )}
        </div>
      </div>
      <ul>
        {ticket.lines.map((line) => {
          const cast = view.made.get(line.id) ?? 0;
          const metal = view.binById.get(line.metalBinId ?? '');
          const coat = view.coatById.get(line.coatId ?? '');
          const skirt = view.skirtById.get(line.skirtId ?? '');
          const coated = view.coated.get(line.id) ?? 0;
          const usedBare = view.usedBare.get(line.id) ?? 0;
          return (
            <li key={line.id} className={stack(16, styles.headRow)}>
              <div className={styles.picture}>
                <LinePicture {...line} />
              </div>
              <div className={styles.headWords}>
                <strong>{headText(line, view.binById, mass)}</strong>
                <span className="quiet">
                  {line.metalBinId === null
                    ? 'bought, or any there'
                    : `in ${metal ? lotText(metal.name) : 'a lot no longer here'}`}
                  {coat ? `, ${coat.name}` : ''}
                  {skirt ? `, ${versionText(skirt)}` : ''}
                  {line.dueOn ? `, due ${weekdayText(line.dueOn)}` : ''}
                </span>
              </div>
              <div className={styles.tally}>
                <span className={styles.big} data-done={cast >= line.count}>
                  {cast}
                </span>
                <span className="quiet">
                  of {line.count} {line.metalBinId === null ? 'there' : 'cast'}
                </span>
                {coat ? <span className="quiet">{coated} coated</span> : null}
                {coat && usedBare > 0 ? <span className="quiet">{usedBare} built bare</span> : null}
                {skirt ? <span className="quiet">{view.tied.get(line.id) ?? 0} tied</span> : null}
              </div>
            </li>
          );
        })}
      </ul>
      <WareRows ticket={ticket} />
    </section>
  );
}
