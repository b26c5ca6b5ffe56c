'use client';

import { ovenWatch } from '@/devices/oven/oven-watch';
import { potWatch } from '@/devices/thermocouple/pot-watch';
import { PAGE_WORLD } from './page-world';

/** The thermocouple in the pot. It belongs to the page and not to a screen of it: a look at the shelf ends nothing. */
export const potDevice = potWatch(PAGE_WORLD);

/** The thermometer in the oven, of the page as well. */
export const ovenDevice = ovenWatch(PAGE_WORLD);
