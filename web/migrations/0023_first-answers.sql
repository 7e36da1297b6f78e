-- Up Migration

-- What was answered to a request that wrote something and carried its caller's key: sent again, it is answered the same, and nothing is done twice.
create table first_answer (
  organisation_id uuid not null references organisation on delete cascade,
  key uuid not null,
  -- A hash of what was asked of, and by whom.
  door bytea not null check (length(door) = 32),
  -- Absent until it was answered, and the body for good where it is long: it is then read from what is kept itself.
  status smallint,
  body text check (length(body) <= 20000),
  at timestamptz not null,
  primary key (organisation_id, key, door)
);
create index first_answer_at on first_answer (organisation_id, at);
alter table first_answer enable row level security;
alter table first_answer force row level security;
create policy own on first_answer using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));

-- Down Migration

drop table first_answer;
