import type { DemoPerson } from './scenario.ts';

/** A household by the harbour and its friends, all in the same choir. Invented. */
export const people: DemoPerson[] = [
  {
    key: 'maren',
    name: 'Maren',
    note: 'Alto. Likes pockets, hates zips.',
    measures: [
      { daysAgo: 420, body: { 'waist-girth': 742, 'hip-girth': 1004, 'bust-girth': 940 } },
      {
        daysAgo: 24,
        body: {
          'waist-girth': 758,
          'hip-girth': 1016,
          'waist-to-hip': 205,
          'waist-to-knee': 600,
          'waist-to-floor': 1060,
          'knee-girth': 382,
          'bust-girth': 952,
          'under-bust-girth': 812,
          'shoulder-to-waist': 425,
          'shoulder-width': 392,
          'upper-arm-girth': 305,
          'wrist-girth': 168,
          'neck-girth': 376,
          'head-girth': 565,
          'wrist-span': 1540,
          'back-neck-width': 184,
          'shoulder-to-floor': 1458,
        },
      },
    ],
  },
  {
    key: 'tove',
    name: 'Tove',
    note: 'Soprano, front row.',
    measures: [
      {
        daysAgo: 18,
        body: {
          'waist-girth': 664,
          'hip-girth': 928,
          'waist-to-hip': 190,
          'waist-to-knee': 570,
          'waist-to-floor': 1010,
          'knee-girth': 350,
          'bust-girth': 850,
          'under-bust-girth': 736,
          'shoulder-to-waist': 402,
          'shoulder-width': 372,
          'upper-arm-girth': 268,
          'over-shoulder': 385,
          'shoulder-to-floor': 1392,
          'legs-girth': 720,
        },
      },
    ],
  },
  {
    key: 'ilka',
    name: 'Ilka',
    note: 'Conducts. Needs to lift her arms.',
    measures: [
      {
        daysAgo: 40,
        body: { 'waist-girth': 868, 'hip-girth': 1092, 'waist-to-hip': 215, 'waist-to-knee': 610, 'knee-girth': 410, 'bust-girth': 1048 },
      },
    ],
  },
  {
    key: 'pim',
    name: 'Pim',
    note: 'Six, children’s choir.',
    child: true,
    measures: [
      { daysAgo: 210, body: { 'waist-girth': 521, 'hip-girth': 598 } },
      {
        daysAgo: 9,
        body: {
          'waist-girth': 530,
          'hip-girth': 622,
          'waist-to-hip': 128,
          'waist-to-knee': 370,
          'waist-to-floor': 690,
          'head-girth': 516,
          'shoulder-width': 282,
          flatChest: 345,
          flatLength: 440,
        },
      },
    ],
  },
  {
    key: 'sunna',
    name: 'Sunna',
    note: 'Second alto; measures taken over the phone.',
    measures: [{ daysAgo: 3, body: { 'waist-girth': 795, 'hip-girth': 1050 } }],
  },
];
