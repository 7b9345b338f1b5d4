import { render, screen } from '@testing-library/react';
import { useBench } from '../session/bench';
import { LevelsPart } from './LevelsPart';

test('before the core has come the coming weeks are left out, not broken', () => {
  useBench.setState({ worked: false });
  render(<LevelsPart of="feeder" />);
  expect(screen.queryByRole('heading')).toBeNull();
});
