-- A plan with a day here lies in the bin; it goes for good thirty days later.
alter table plans add column removed_at timestamptz;

-- What was done since the save before: the names of the edits, as the screen names them.
alter table plan_saves add column edits jsonb not null default '[]';
