'use client';

import { countText } from '@/text/count-text';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { Nothing } from '@/ui/frame/Nothing';
import { SearchOutlined } from '@ant-design/icons';
import { Button, Input, type InputRef } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import dynamic from 'next/dynamic';
import { useMemo, useRef, useState } from 'react';
import { PutDown } from '@/station-kit/put-down/PutDown';
import { PartsStation } from '@/station-kit/PartsStation';
import { useBench } from '@/station-kit/BenchProvider';
import { BinCard } from './BinCard';
import { BinWall } from './BinWall';
import { GroupIndex } from './GroupIndex';
import { BuyPart } from './BuyPart';
import { CabinetPart } from './CabinetPart';
import { CountPart } from './CountPart';
import { ListPart } from './ListPart';
import { OrdersPart } from './OrdersPart';
import { UsePart } from './UsePart';
import { inShelfOrder, isCalling, shelfBin, shelfGroups, type ShelfFilter } from '@/model/stock/shelf-rows';
import { isPriced } from '@/model/cost/cost-facts';
import { ShelfSlip } from './ShelfSlip';
import styles from './shelf.module.css';

import { useKeyMap } from '@/station-kit/key-map';
import { SHELF_KEYS } from './keys';
import { useInAddress, useInHand } from '@/station-kit/use-in-address';

/** Fetched when it is opened: nobody else needs how pictures are measured. */
const MatPart = dynamic(() => import('@/station-kit/mat/MatPart').then((module) => module.MatPart), {
  ssr: false,
});

type Part = 'bins' | 'cabinet' | 'mat' | 'buy' | 'orders' | 'count' | 'use' | 'list';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'bins', label: 'Bins' },
  { value: 'cabinet', label: 'Cabinet' },
  { value: 'mat', label: 'On the mat' },
  { value: 'buy', label: 'Buy' },
  { value: 'orders', label: 'On order' },
  { value: 'count', label: 'Count day' },
  { value: 'use', label: 'Use' },
  { value: 'list', label: 'Import a list' },
];
const PART_NAMES = PARTS.map(({ value }) => value);
const HEADINGS: Readonly<Record<Exclude<Part, 'bins'>, readonly [title: string, sub: string]>> = {
  cabinet: ['Cabinet', 'where everything lies'],
  mat: ['On the mat', 'measured and counted by a picture'],
  buy: ['Buy', 'what tickets lack and what is low, in the cheapest packs'],
  orders: ['On order', 'what is on its way'],
  count: ['Count day', 'drawer by drawer'],
  use: ['Use', 'a month, and until when it lasts'],
  list: ['Import a list', 'any seller’s or your own'],
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
  { value: 'unpriced', label: 'No price' },
];

/** The bins: what is on hand, promised and free, and where it lies. */
export function ShelfStation() {
  const { view } = useBench();
  const [search, setSearch] = useState('');
  const [filter, setFilter] = useState<ShelfFilter>('all');
  const [chosen, setChosen] = useInHand('bin');
  const [isAdding, setIsAdding] = useState(false);
  const [drawerId, setDrawerId] = useInHand('drawer');
  const [part, setPart] = useInAddress<Part>('part', PART_NAMES, 'bins');
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
  const inOrder = useMemo(() => inShelfOrder(view.bins), [view.bins]);
  const rows = useMemo(() => inOrder.map((bin) => shelfBin(view, bin)), [inOrder, view]);
  const low = useMemo(() => rows.filter(isCalling), [rows]);
  const groups = useMemo(
    () => shelfGroups(rows, search, filter, (binId) => isPriced(binId, view)),
    [rows, search, filter, view],
  );
  const found = groups.flatMap((group) => group.bins);
  const bin = view.binById.get(chosen ?? '') ?? found[0]?.bin ?? null;

  useKeyMap(SHELF_KEYS, { search: () => field.current?.focus() });

  const isBare = view.bins.length === 0;
  const showAll = () => {
    setSearch('');
    setFilter('all');
  };
  return (
    <PartsStation<Part>
      heading={part === 'bins' ? ['Shelf', countText(view.bins.length, 'bin')] : HEADINGS[part]}
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
              Put something down
            </Button>
          </>
        ) : null
      }
      slip={<ShelfSlip low={low} onChoose={showBin} />}
    >
      {part === 'bins' ? (
        <>
          <div className={styles.filters}>
            <Segmented<ShelfFilter>
              aria-label="Which bins"
              value={filter}
              options={FILTERS}
              onChange={setFilter}
            />
          </div>
          <div className={styles.floor}>
            {bin ? <BinCard bin={bin} /> : null}
            <div>
              {found.length > 0 ? (
                <>
                  <GroupIndex groups={groups} />
                  <BinWall groups={groups} chosen={bin?.id ?? null} onChoose={setChosen} />
                </>
              ) : isBare ? (
                <EmptyStation
                  of="shelf"
                  says="The shelf is empty. Put down what you have: metal, hooks, parts."
                  mend={
                    <Button type="primary" onClick={() => setIsAdding(true)}>
                      Put something down
                    </Button>
                  }
                  other={<Button onClick={() => setPart('list')}>Import a list</Button>}
                />
              ) : (
                <Nothing
                  says={`Nothing here is called '${search}'. Try another word, or all bins.`}
                  mend="Show all bins"
                  onMend={showAll}
                />
              )}
            </div>
          </div>
        </>
      ) : null}
      {part === 'cabinet' ? (
        <CabinetPart
          found={search.trim() === '' ? null : new Set(found.map((row) => row.bin.id))}
          openId={drawerId}
          onOpen={setDrawerId}
          onChoose={showBin}
        />
      ) : null}
      {part === 'mat' ? <MatPart /> : null}
      {part === 'buy' ? (
        <BuyPart
          onOrdered={(done) => {
            turn('orders');
            setSaid(done);
          }}
        />
      ) : null}
      {part === 'orders' ? <OrdersPart onBuy={() => turn('buy')} /> : null}
      {part === 'count' ? <CountPart onPosted={setSaid} onFirst={() => setIsAdding(true)} /> : null}
      {part === 'use' ? <UsePart /> : null}
      {part === 'list' ? <ListPart /> : null}
      {isAdding ? <PutDown onClose={() => setIsAdding(false)} onAdded={({ id }) => setChosen(id)} /> : null}
    </PartsStation>
  );
}
