import type { ThemeConfig } from 'antd';

export const SEA = '#1d5c80';

/** The palette of the paper side, as Ant Design's tokens. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: SEA,
    colorInfo: SEA,
    colorWarning: '#b97a1a',
    colorText: '#22302c',
    colorTextSecondary: '#5c6862',
    colorBorder: '#d8cfba',
    colorBgBase: '#faf6ec',
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
      trackBg: SEA,
      railHoverBg: '#d5e0e4',
      trackHoverBg: SEA,
      handleSize: 9,
      handleSizeHover: 10,
    },
  },
};
