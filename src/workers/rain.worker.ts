import { type RainAsk, rainAnswers } from './rainAnswers';

const answer = rainAnswers();

self.onmessage = ({ data }: MessageEvent<RainAsk>): void => self.postMessage(answer(data));
