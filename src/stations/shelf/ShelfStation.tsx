'use client';

import { SearchOutlined } from '@ant-design/icons';
import { Button, Input, Segmented, type InputRef } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { clashSentence } from '@/messages/clash-sentence';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { amountText, PartsStation, useBench, useKeys, usePreferences } from '../shared';
import { BinCard } from './BinCard';
import { BinWall } from './BinWall';
import { BuyPart } from './BuyPart';
import { CabinetPart } from './CabinetPart';
import { cabinetOf } from './cabinet';
import { CountPart } from './CountPart';
import { ListPart } from './ListPart';
import { NewBin } from './NewBin';
import { OrdersPart } from './OrdersPart';
import { UsePart } from './UsePart';
import { shelfGroups, type ShelfFilter } from './shelf-rows';
import styles from './shelf.module.css';

type Part = 'bins' | 'cabinet' | 'buy' | 'orders' | 'count' | 'use' | 'list';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'bins', label: 'Bins' },
  { value: 'cabinet', label: 'Cabinet' },
  { value: 'buy', label: 'Buy' },
  { value: 'orders', label: 'On order' },
  { value: 'count', label: 'Count day' },
  { value: 'use', label: 'Use' },
  { value: 'list', label: 'A list in' },
];
const HEADINGS: Readonly<Record<Exclude<Part, 'bins'>, readonly [title: string, sub: string]>> = {
  cabinet: ['Cabinet', 'where everything lies'],
  buy: ['Buy', 'what tickets lack and what is low, in the cheapest packs'],
  orders: ['On order', 'what is on its way'],
  count: ['Count day', 'drawer by drawer'],
  use: ['Use', 'a month, and until when it lasts'],
  list: ['A list in', 'any seller’s or your own'],
};

const FILTERS: { value: ShelfFilter; label: string }[] = [
  { value: 'all', label: 'All' },
  { value: 'metal', label: 'Metal' },
  { value: 'hook', label: 'Hooks' },
  { value: 'head', label: 'Heads' },
  { value: 'powder', label: 'Powders' },
  { value: 'strand', label: 'Skirts' },
  { value: 'part', label: 'Parts' },
  { value: 'low', label: 'Low' },
];

const MOST_LOW = 9;
const MOST_CLASHES = 3;

/** The bins: what is on hand, promised and free, and where it lies. */
export function ShelfStation() {
  const { view } = useBench();
  const preferences = usePreferences();
  const [search, setSearch] = useState('');
  const [filter, setFilter] = useState<ShelfFilter>('all');
  const [chosen, setChosen] = useState<string | null>(null);
  const [isAdding, setIsAdding] = useState(false);
  const [drawerId, setDrawerId] = useState<string | null>(null);
  const [part, setPart] = useState<Part>('bins');
  const [said, setSaid] = useState<string | null>(null);
  const turn = (to: Part) => {
    setPart(to);
    setSaid(null);
  };
  const showBin = (binId: string) => {
    setChosen(binId);
    turn('bins');
  };
  const field = useRef<InputRef>(null);
  const groups = useMemo(() => shelfGroups(view, search, filter), [view, search, filter]);
  const low = useMemo(() => shelfGroups(view, '', 'low').flatMap((group) => group.bins), [view]);
  const cabinet = useMemo(() => cabinetOf(view), [view]);
  const clashing = cabinet.drawers.filter(({ clashes }) => clashes.length > 0);
  const found = groups.flatMap((group) => group.bins);
  const bin = view.binById.get(chosen ?? '') ?? found[0]?.bin ?? null;

  useKeys((event) => {
    if (event.key !== '/') return;
    event.preventDefault();
    field.current?.focus();
  });

  return (
    <PartsStation<Part>
      heading={part === 'bins' ? ['Shelf', `${view.bins.length} bins`] : HEADINGS[part]}
      parts={PARTS}
      part={part}
      onTurn={turn}
      said={said}
      actions={
        part === 'bins' || part === 'cabinet' ? (
          <>
            <Input
              ref={field}
              className={styles.search}
              aria-label="Search the shelf"
              placeholder="name, place, sort or size"
              allowClear
              prefix={<SearchOutlined aria-hidden="true" />}
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
            <Button type="primary" onClick={() => setIsAdding(true)}>
              New bin
            </Button>
          </>
        ) : null
      }
      slip={
        <>
          <SlipTitle over="The shelf">
            {low.length === 0 ? 'All in good supply' : `${low.length} to see to`}
          </SlipTitle>
          <SlipPart label="Low and short">
            {low.slice(0, MOST_LOW).map((row) => (
              <SlipRow
                key={row.bin.id}
                name={
                  <a
                    href={`#${row.bin.id}`}
                    onClick={(event) => {
                      event.preventDefault();
                      showBin(row.bin.id);
                    }}
                  >
                    {row.bin.name}
                  </a>
                }
              >
                {amountText(row.onHand, row.bin, preferences.mass)}
                {row.isShort ? ` of ${amountText(row.promised, row.bin, preferences.mass)}` : ''}
              </SlipRow>
            ))}
            {low.length > MOST_LOW ? (
              <p className="quiet">and {low.length - MOST_LOW} more under Low</p>
            ) : null}
          </SlipPart>
          {clashing.slice(0, MOST_CLASHES).map(({ drawer, clashes: [first, ...more] }) =>
            first ? (
              <SlipNote key={drawer.id} tone="stop">
                {drawer.name}: {clashSentence(first.why, first.a.name, first.b.name)}
                {more.length > 0 ? ` ${more.length} more pairs lie there.` : ''}
              </SlipNote>
            ) : null,
          )}
          <SlipNote tone="go">
            Stock is the sum of what came and went. To set a bin right, count it: the difference is entered,
            nothing is overwritten.
          </SlipNote>
          <SlipNote tone="care">
            Hooks and cable ends go through gloves; keep lead off hands that eat. Wash after.
          </SlipNote>
        </>
      }
    >
      {part === 'bins' ? (
        <>
          {bin ? <BinCard bin={bin} /> : null}
          <div className={styles.filters}>
            <Segmented<ShelfFilter>
              aria-label="Which bins"
              value={filter}
              options={FILTERS}
              onChange={setFilter}
            />
          </div>
          {found.length > 0 ? (
            <BinWall groups={groups} chosen={bin?.id ?? null} onChoose={setChosen} />
          ) : (
            <div className={styles.empty}>
              <p>
                {view.bins.length === 0
                  ? 'The shelf is empty. Put down what you have: metal, hooks, parts.'
                  : `Nothing here is called '${search}'. Try another word, or all bins.`}
              </p>
              {view.bins.length === 0 ? (
                <Button type="primary" onClick={() => setIsAdding(true)}>
                  New bin
                </Button>
              ) : (
                <Button
                  onClick={() => {
                    setSearch('');
                    setFilter('all');
                  }}
                >
                  Show all bins
                </Button>
              )}
            </div>
          )}
        </>
      ) : null}
      {part === 'cabinet' ? (
        <CabinetPart
          cabinet={cabinet}
          found={search.trim() === '' ? null : new Set(found.map((row) => row.bin.id))}
          openId={drawerId}
          onOpen={setDrawerId}
          onChoose={showBin}
        />
      ) : null}
      {part === 'buy' ? (
        <BuyPart
          onOrdered={(done) => {
            turn('orders');
            setSaid(done);
          }}
        />
      ) : null}
      {part === 'orders' ? <OrdersPart /> : null}
      {part === 'count' ? <CountPart onPosted={setSaid} /> : null}
      {part === 'use' ? <UsePart /> : null}
      {part === 'list' ? <ListPart /> : null}
      {isAdding ? <NewBin onClose={() => setIsAdding(false)} onAdded={setChosen} /> : null}
    </PartsStation>
  );
}
