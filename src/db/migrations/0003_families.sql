-- Copies made to try a variant stay with the plan they were made from: the id of the first. Null: nobody's copy.
alter table plans add column family text;
