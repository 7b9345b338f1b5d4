/** What queries need of the database: plain SQL with parameters; rows are unknown until decoded. */
export interface Db {
  query(sql: string, params?: readonly unknown[]): Promise<readonly unknown[]>;
  /** Several statements at once, without parameters. */
  exec(sql: string): Promise<void>;
  /** All or nothing; one at a time. */
  transaction<T>(work: (tx: Db) => Promise<T>): Promise<T>;
}
