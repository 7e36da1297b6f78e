/** Everything that is planned off a page's own thread. One file, loaded once; whoever asks has a worker of her own, so that one question can be ended without the others. */
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';
import { plan } from './planning';
import { refine } from './refining';
import { work } from './year-work';

const offered = { speak, plan, refine, work };
export type PlanOffers = typeof offered;
expose(offered);
