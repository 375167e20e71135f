import type { ThemeConfig } from 'antd';

/** Neutral greys of middle lightness, so that hair is judged against nothing coloured; one accent no hair has. */
export const COLOURS = {
  ground: '#b7b9bb',
  panel: '#c8cacc',
  field: '#e1e3e4',
  ink: '#1a1c1e',
  quiet: '#44484c',
  line: '#8b8f93',
  accent: '#0b5670',
  warning: '#7a2e00',
};

export const theme: ThemeConfig = {
  token: {
    colorPrimary: COLOURS.accent,
    colorInfo: COLOURS.accent,
    colorLink: COLOURS.accent,
    colorError: '#9c1c1c',
    colorWarning: COLOURS.warning,
    colorSuccess: COLOURS.accent,
    colorText: COLOURS.ink,
    colorTextSecondary: COLOURS.quiet,
    colorTextDescription: COLOURS.quiet,
    colorTextPlaceholder: '#5a5e62',
    colorBgBase: COLOURS.field,
    colorBgContainer: COLOURS.field,
    colorBgElevated: '#e9ebec',
    colorBgLayout: COLOURS.ground,
    colorBorder: COLOURS.line,
    colorBorderSecondary: COLOURS.line,
    fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 16,
    borderRadius: 5,
    controlHeight: 44,
    controlHeightSM: 44,
    motion: false,
    boxShadow: 'none',
    boxShadowSecondary: '0 2px 10px rgba(0,0,0,0.28)',
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 500 },
    Segmented: {
      trackBg: '#d6d8d9',
      itemSelectedBg: COLOURS.accent,
      itemSelectedColor: '#ffffff',
      itemColor: COLOURS.ink,
      itemHoverColor: COLOURS.ink,
    },
  },
};
