-- Up Migration

-- What the planner worked out of a document, under the hash of the part that it was made of and of the code that made it. It can be made again at any time.
create table worked_out (
  organisation_id uuid not null references organisation (id) on delete cascade,
  name bytea not null,
  body bytea not null,
  used_at timestamptz not null,
  primary key (organisation_id, name)
);
-- The bodies are compressed already.
alter table worked_out alter column body set storage external;
alter table worked_out enable row level security;
alter table worked_out force row level security;
create policy own on worked_out using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));

-- Down Migration

drop table worked_out;
