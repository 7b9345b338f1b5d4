import type { RuleBook } from '@/core/rules/types';

/** What the command touches outside itself. */
export interface CliWorld {
  sizeOf(file: string): number;
  readText(file: string): string;
  now(): Date;
  out(text: string): void;
  err(text: string): void;
  writeText(file: string, text: string): void;
  readonly book?: RuleBook;
}
