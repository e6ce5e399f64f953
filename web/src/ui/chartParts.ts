import { LineChart } from 'echarts/charts';
import {
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  LegendComponent,
} from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

register([
  LineChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  LegendComponent,
  SVGRenderer,
]);

/** The parts of ECharts that are used, fetched when the first chart is shown. */
export { init };
