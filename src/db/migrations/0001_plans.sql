-- One row a plan; its document lies in the append-only saves.
create table plans (
  id text primary key,
  revision integer not null check (revision >= 1),
  created_at timestamptz not null default now()
);

-- Every save of every plan, newest revision last; recovery and history read from here.
create table plan_saves (
  plan_id text not null references plans (id) on delete cascade,
  revision integer not null check (revision >= 1),
  document jsonb not null,
  saved_at timestamptz not null default now(),
  name text,
  primary key (plan_id, revision)
);
