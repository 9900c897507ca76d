import { expose } from 'comlink';
import { makeSearcher, type Searcher } from '@/core/find/searcher';

/** Finds things away from the interface: making the index of ten years takes a while. */
const searcher: Searcher = makeSearcher();

expose(searcher);
