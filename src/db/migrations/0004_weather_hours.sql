-- Years of hourly weather that keepers bring in, each once: its id is what its bytes come to by SHA-256.
create table weather_hours (
  id text primary key,
  packed bytea not null,
  brought_at timestamptz not null default now()
);
