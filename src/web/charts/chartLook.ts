/** The app's colours and type for charts, which do not read style sheets. */
export const chartLook = {
  ink: '#14181c',
  soft: '#414a51',
  line: '#c9cdc8',
  accent: '#0b4a5c',
  tape: '#ffc933',
  band: '#cfe6d3',
  text: { fontFamily: 'Atkinson Hyperlegible Next, system-ui, sans-serif', fontSize: 13, color: '#14181c' },
} as const;
