import type { WarningLampId } from '#core/functions';

/** Strokes on a square of 24, our own plain drawing of what each lamp means. Letters of the alphabet are avoided: the words stand beside. */
export const lampPictures: Readonly<Record<WarningLampId, string>> = {
  'oil-pressure': 'M12 4c3 4 5 6.5 5 9.5a5 5 0 0 1-10 0C7 10.5 9 8 12 4ZM4 21h16',
  'engine-hot': 'M10 4v10a3 3 0 1 0 4 0V4a2 2 0 0 0-4 0ZM17 6h3M17 10h3M17 14h3',
  brakes: 'M12 5a7 7 0 1 0 0 14a7 7 0 1 0 0-14ZM12 8v5M12 15.6v.4M3 7a10 10 0 0 0 0 10M21 7a10 10 0 0 1 0 10',
  airbag: 'M8 5a2 2 0 1 0 .1 0ZM6 10l2 6 5 1 2 4M8 16H5M17 8a3.6 3.6 0 1 0 .1 0Z',
  steering:
    'M12 4a8 8 0 1 0 0 16a8 8 0 1 0 0-16ZM12 10.5a1.5 1.5 0 1 0 .1 0ZM4.5 11l6 .8M13.6 12l6-.8M12 13.6V20',
  'high-voltage': 'M12 3 2.5 20h19ZM13 8l-3 5h4l-3 4.5',
  'air-pressure-low': 'M5 9h11a4 4 0 0 1 0 8H5a4 4 0 0 1 0-8ZM19 6V3M16 3h6M10 11v4m-2-2 2 2 2-2',
  'battery-charge': 'M3 8h18v11H3ZM6 8V5h3v3M15 8V5h3v3M6 13.5h4M14 13.5h4M16 11.5v4',
  belt: 'M12 3a3 3 0 1 0 .1 0ZM6 21v-6a6 6 0 0 1 12 0v6M8 11l8 9',
  'door-open': 'M7 3h10v18H7ZM7 8 2 11M7 16l-5-3M17 8l5 3M17 16l5-3',
  'anti-lock':
    'M12 6a6 6 0 1 0 .1 0ZM8.5 12h1.5M11.3 12h1.5M14 12h1.5M3 7a10 10 0 0 0 0 10M21 7a10 10 0 0 1 0 10',
  stability: 'M6 9h12l1 5H5ZM8 9l1-4h6l1 4M7 14v2M17 14v2M5 22c3-1 0-3 3-4M15 22c3-1 0-3 3-4',
  engine: 'M6 8h4V6H8m2 0h6m-3 0v2h4l2 3h2v6h-2l-2 3H9l-3-3V8ZM3 10v6M3 13h3',
  'glow-plugs': 'M2 12h3c0-8 6-8 6-1s-3 7-3 2 7-5 7 0-3 5-3 0 0-9 5-9 3 8 5 8',
  'particle-filter':
    'M5 6h14v12H5ZM2 12h3M19 12h3M9 9.5v.2M12 9.5v.2M15 9.5v.2M9 12v.2M12 12v.2M15 12v.2M9 14.5v.2M12 14.5v.2M15 14.5v.2',
  'exhaust-fluid': 'M3 16h9v4H3M12 18h4M19 4c2 2.6 3 4 3 5.6a3 3 0 0 1-6 0c0-1.6 1-3 3-5.6ZM3 16V9h7',
  'tyre-pressure': 'M6 4c-4 6-3 12 1 15h10c4-3 5-9 1-15M7 22v-3M12 22v-3M17 22v-3M12 7v6M12 16v.3',
  'brake-pads':
    'M12 8a4 4 0 1 0 .1 0ZM4 5c-2 4-2 10 0 14M20 5c2 4 2 10 0 14M1.5 9v.2M1 12v.2M1.5 15v.2M22.5 9v.2M23 12v.2M22.5 15v.2',
  gearbox:
    'M12 8.5a3.5 3.5 0 1 0 .1 0ZM12 2v3M12 19v3M2 12h3M19 12h3M5 5l2 2M17 17l2 2M5 19l2-2M17 7l2-2M12 5a7 7 0 1 0 .1 0Z',
  bulb: 'M9 17a6 6 0 1 1 6 0v2H9ZM10 22h4M3 3l18 18',
  washer: 'M3 19c3-9 15-9 18 0ZM12 12V6M12 6c-2-3-4-3-5-1M12 6c2-3 4-3 5-1M7 8v.3M17 8v.3',
  'service-due': 'M15 4a5 5 0 0 0-5 7l-6 6 3 3 6-6a5 5 0 0 0 7-5l-3 2-3-1-1-3Z',
  'low-fuel': 'M5 21V4h8v17ZM3 21h12M13 11h3v6a2 2 0 0 0 4 0V9l-3-3M7 7h4v4H7Z',
  'another-lamp': 'M12 4a8 8 0 1 0 .1 0ZM12 8v5M12 15.6v.4',
};
