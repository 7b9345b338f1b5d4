import { engine } from '../session/engine';
import { supplyEngine } from '../session/engineHere';

// the core is there from the start, as in a window that has stood open for a moment
supplyEngine(engine);
