import type { STATIONS } from './station-times';

type Station = (typeof STATIONS)[number];

/** Every part of every station, as the end of its address. */
export const PARTS: Readonly<Record<Station, readonly string[]>> = {
  ticket: ['', '?part=week'],
  metal: [''],
  molds: ['', '?view=design', '?view=freeze'],
  pour: ['', '?scope=all'],
  dress: ['', '?part=weigh', '?part=flaws'],
  coat: ['', '?part=colors', '?part=heat', '?part=powders'],
  skirt: ['', '?part=board', '?part=tie', '?part=materials', '?part=order'],
  build: ['', '?part=board', '?part=mix', '?part=parts', '?part=plastic', '?part=run'],
  rig: ['', '?part=board', '?part=kit', '?part=matches', '?part=rolls', '?part=run'],
  shelf: [
    '',
    '?part=buy',
    '?part=cabinet',
    '?part=count',
    '?part=list',
    '?part=mat',
    '?part=orders',
    '?part=use',
  ],
  cost: ['', '?part=lost', '?part=offer', '?part=outlay', '?part=route'],
  water: ['', '?part=answers', '?part=weight', '?part=replace', '?part=log'],
};

/** What opens a dialog: where, and the name of its button. */
export const DIALOGS: readonly {
  readonly at: string;
  readonly opens: string | RegExp;
  readonly dialog: string;
}[] = [
  { at: '/ticket', opens: /^Bench.*: units and backup$/, dialog: 'The bench' },
  { at: '/ticket', opens: '+ clock', dialog: 'New clock' },
  { at: '/metal', opens: 'What is this scrap?', dialog: 'What is this metal?' },
  { at: '/pour', opens: 'Begin the run', dialog: 'Before the pot goes on' },
  { at: '/dress', opens: 'Heads from the shelf', dialog: 'Heads from the shelf' },
  { at: '/coat', opens: 'Ovens and heat', dialog: 'Ovens and heat' },
];
