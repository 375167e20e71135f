import { learn, type Room } from './say';

/** Tests speak English, every room of it. */
const ROOMS: Room[] = [
  'beforeAfter',
  'chair',
  'client',
  'clients',
  'consult',
  'day',
  'decide',
  'design',
  'history',
  'lookBack',
  'mix',
  'model',
  'order',
  'plan',
  'promise',
  'read',
  'salon',
  'shared',
  'shelf',
  'tests',
  'visit',
];

await learn(...ROOMS);
