import { type StoresAsk, storesAnswer } from './storesAnswers';

self.onmessage = ({ data }: MessageEvent<StoresAsk>): void => self.postMessage(storesAnswer(data));
