import type { BaitKindId } from '@/core/builds/kinds/definition';

/** The parts that a bait of a kind usually has, by kind and size, in the order in which they go on. */
export const USUAL_BAITS: Readonly<Record<BaitKindId, readonly (readonly [kindId: string, size: string])[]>> =
  {
    spinnerbait: [
      ['spinnerbait-wire', 'Long'],
      ['clevis', '#2'],
      ['colorado-blade', '#2'],
      ['brass-bead', '4'],
      ['spacer', '13'],
      ['brass-bead', '4'],
      ['ball-bearing-swivel', '#2'],
      ['willow-blade', '#3.5'],
    ],
    'in-line': [
      ['in-line-shaft', 'Middle'],
      ['clevis', '#2'],
      ['indiana-blade', '#2'],
      ['brass-bead', '3.2'],
      ['bullet-weight', '1/8'],
      ['treble-hook', '#6'],
    ],
    buzzbait: [
      ['buzzbait-wire', 'Long'],
      ['brass-bead', '4'],
      ['buzz-blade-two', '1 1/4'],
      ['rivet', 'Small'],
    ],
    'bladed-jig': [
      ['jig-blade', 'Small'],
      ['snap', '#0'],
      ['paddle-tail', '3.5'],
    ],
    'dressed-jig': [
      ['weed-guard', '3.2'],
      ['rattle', '4'],
      ['ready-skirt', '2 1/2'],
      ['claw', '3'],
    ],
    'jig-and-plastic': [['paddle-tail', '3.5']],
    'swim-jig': [
      ['weed-guard', '3.2'],
      ['ready-skirt', '2 1/2'],
      ['paddle-tail', '3.5'],
    ],
    'stinger-grub': [
      ['grub', '4'],
      ['treble-hook', '#6'],
      ['braid', '50'],
    ],
    'strap-jig': [
      ['strap', 'Long'],
      ['inline-single', '2/0'],
      ['split-ring', '#3'],
      ['grub', '3'],
    ],
    underspin: [
      ['underspin-wire', 'Middle'],
      ['ball-bearing-swivel', '#0'],
      ['willow-blade', '#0'],
      ['paddle-tail', '2.8'],
    ],
  };
