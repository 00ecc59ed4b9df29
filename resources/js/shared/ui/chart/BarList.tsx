import { BarChart } from '@mui/x-charts/BarChart';

type Props = { label: string; bars: readonly { name: string; count: number }[] };

const ROW = 25;
/** Of a letter of a name, and of a name at most, in px. */
const LETTER = 7.2;
const WIDEST = 215;
/** What a digit of the number behind the longest bar takes, as a share of that bar where the chart is narrowest. */
const DIGIT = 0.3;

/** Counts side by side, each with its number at the bar. */
export default function BarList({ label, bars }: Props) {
  const most = Math.max(1, ...bars.map((bar) => bar.count));
  return (
    <BarChart
      aria-label={label}
      layout="horizontal"
      height={ROW * bars.length + 8}
      margin={{ left: 0, right: 28, top: 2, bottom: 2 }}
      skipAnimation
      hideLegend
      disableAxisListener
      yAxis={[
        {
          scaleType: 'band',
          data: bars.map((bar) => bar.name),
          width: Math.min(WIDEST, 12 + LETTER * Math.max(0, ...bars.map((bar) => bar.name.length))),
          disableLine: true,
          disableTicks: true,
        },
      ]}
      xAxis={[{ min: 0, max: most * (1 + DIGIT * String(most).length), position: 'none' }]}
      series={[
        { data: bars.map((bar) => bar.count), color: 'var(--ink2)', barLabel: 'value', barLabelPlacement: 'outside' },
      ]}
      sx={{
        '& text, & .MuiBarChart-label': { fill: 'var(--ink)', font: 'inherit', fontSize: 13 },
      }}
    />
  );
}
