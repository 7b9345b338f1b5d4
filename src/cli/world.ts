import type { RuleBook } from '@/core/rules/types';
import type { Fonts } from '@/formats/drawing/pdf';

/** What the command touches outside itself. */
export interface CliWorld {
  sizeOf(file: string): number;
  readText(file: string): string;
  readBytes(file: string): Uint8Array;
  now(): Date;
  out(text: string): void;
  err(text: string): void;
  writeText(file: string, text: string): void;
  writeBytes(file: string, bytes: Uint8Array): void;
  /** The program's own fonts, for prints and pictures. */
  fonts(): Fonts;
  readonly book?: RuleBook;
}
