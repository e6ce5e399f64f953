import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent, LegendComponent } from 'echarts/components';
import { init, use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

register([LineChart, GridComponent, MarkLineComponent, LegendComponent, SVGRenderer]);

/** The parts of ECharts that are used, fetched when the first chart is shown. */
export { init };
