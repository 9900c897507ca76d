import { benchInChromium } from './benchParts';

/** How long plans and forecasts take. */
void benchInChromium('plans.ts');
