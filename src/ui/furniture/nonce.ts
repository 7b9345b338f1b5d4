'use client';
import { getNonce, setNonce } from 'get-nonce';

/**
 * Takes up the nonce of the document's own policy, for styles that are put in later. A page gone to
 * without loading comes with another nonce, which the policy in force does not know: the first stays.
 */
export function takeNonce(nonce: string): void {
  if (typeof window !== 'undefined' && !getNonce()) setNonce(nonce);
}
