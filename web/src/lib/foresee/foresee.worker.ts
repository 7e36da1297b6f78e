/** Works out forecasts off the page's own thread. */
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';
import { blockForecast, quiltForecast } from './forecasts';

const offered = { speak, block: blockForecast, quilt: quiltForecast };
export type ForeseeOffers = typeof offered;
expose(offered);
