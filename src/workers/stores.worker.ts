import { type StoresAsk, storesAnswers } from './storesAnswers';

const answer = storesAnswers();

self.onmessage = ({ data }: MessageEvent<StoresAsk>): void => {
  const told = answer(data);
  if (told !== null) self.postMessage(told);
};
