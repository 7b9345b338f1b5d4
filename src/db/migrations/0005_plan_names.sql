-- The name in a plan's document, beside it: the list, and whether a name is free, are told without opening every one.
alter table plan_saves add column plan_name text
  generated always as (coalesce(document->>'name', '')) stored;
