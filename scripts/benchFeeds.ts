import { benchInChromium } from './benchParts';

/** How long a large subscribed calendar takes. */
void benchInChromium('feeds.ts');
