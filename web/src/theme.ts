import type { ThemeConfig } from 'antd';
import { tokens } from './tokens';

/** The palette of the paper side, as Ant Design's tokens. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: tokens.sea,
    colorInfo: tokens.sea,
    colorWarning: '#b97a1a',
    colorText: tokens.ink,
    colorTextSecondary: tokens.quiet,
    colorBorder: tokens.lines,
    colorBgBase: tokens.page,
    colorBgContainer: '#fffdf8',
    colorBgElevated: '#fffdf8',
    fontFamily: "'Figtree Variable', sans-serif",
    fontSize: 13,
    borderRadius: 6,
    controlHeight: 28,
    boxShadow: '0 4px 16px rgb(34 48 44 / 12%)',
    boxShadowSecondary: '0 4px 16px rgb(34 48 44 / 14%)',
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', fontWeight: 500 },
    Slider: {
      railBg: '#d5e0e4',
      trackBg: tokens.sea,
      railHoverBg: '#d5e0e4',
      trackHoverBg: tokens.sea,
      handleSize: 9,
      handleSizeHover: 10,
    },
  },
};
