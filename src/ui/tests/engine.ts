import { engine } from '../store/engine';
import { supplyEngine } from '../store/engineHere';

// the core is there from the start, as in a window that has stood open for a moment
supplyEngine(engine);
