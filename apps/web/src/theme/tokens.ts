import type { ThemeConfig } from 'antd';

/** The colours of chalk on dark cloth, numbers on a tape; the same names as in styles/base.css. */
export const COLOUR = {
  table: '#182838',
  twill: '#22384e',
  chalk: '#ffffff',
  tape: '#e9c46a',
  docket: '#f2c84b',
  ink: '#17212b',
  quiet: '#51606d',
  tissue: '#f3f5f4',
  line: '#d5dbdd',
  stop: '#b3261e',
} as const;

export const theme: ThemeConfig = {
  token: {
    colorPrimary: COLOUR.ink,
    colorInfo: COLOUR.ink,
    colorLink: COLOUR.ink,
    colorText: COLOUR.ink,
    colorTextSecondary: COLOUR.quiet,
    colorTextPlaceholder: '#687683',
    colorBorder: '#a9b4bb',
    colorError: COLOUR.stop,
    colorBgLayout: COLOUR.tissue,
    fontFamily: "'Plain Figures', 'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 16,
    fontSizeSM: 14,
    borderRadius: 3,
    boxShadow: 'none',
    boxShadowSecondary: '0 0 0 1px #17212b',
    boxShadowTertiary: 'none',
    controlHeight: 40,
    controlOutline: 'rgba(242, 200, 75, 0.55)',
    motionDurationMid: '0.1s',
    motionDurationSlow: '0.15s',
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 600 },
    Slider: {
      trackBg: COLOUR.ink,
      trackHoverBg: COLOUR.ink,
      railBg: '#c3ccd1',
      railHoverBg: '#c3ccd1',
      handleColor: COLOUR.ink,
      handleActiveColor: COLOUR.ink,
      dotActiveBorderColor: COLOUR.ink,
      handleSize: 16,
      handleSizeHover: 18,
    },
    Switch: { colorTextQuaternary: '#687683', colorTextTertiary: '#51606d' },
    Drawer: { paddingLG: 24 },
    Input: { activeShadow: '0 0 0 3px rgba(242, 200, 75, 0.55)' },
  },
};
