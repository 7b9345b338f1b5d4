// Random tests draw the same plans on every run, so that a red run is about what changed.
// FC_SEED=$RANDOM npm run unit looks for new ones.
import fc from 'fast-check';

fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 2026) });
