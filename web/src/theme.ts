import type { ThemeConfig } from 'antd';

/** The desk: neutral and near white, dark words, one accent no hair has. Hair stands on the stage (see base.css). */
export const COLOURS = {
  ground: '#f0f1f2',
  panel: '#ffffff',
  field: '#ffffff',
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
    colorBgElevated: '#ffffff',
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
      trackBg: '#e4e6e8',
      itemSelectedBg: COLOURS.accent,
      itemSelectedColor: '#ffffff',
      itemColor: COLOURS.ink,
      itemHoverColor: COLOURS.ink,
    },
  },
};
