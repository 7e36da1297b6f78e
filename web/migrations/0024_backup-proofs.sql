-- Up Migration

-- What came of bringing a backup back into an empty database of its own (bin/backup --nightly, bin/restore --prove). Of the whole installation, so of no organisation.
create table backup_proof (
  id bigint generated always as identity primary key,
  -- The moment that the backup holds; absent where none could be written.
  of_moment timestamptz,
  proved_at timestamptz not null,
  tables integer not null default 0,
  rows bigint not null default 0,
  -- Why it is no good, as a sentence; absent where everything was there.
  trouble text check (length(trouble) between 1 and 2000)
);
alter table backup_proof enable row level security;
alter table backup_proof force row level security;
create policy anybody on backup_proof for select using (true);

-- Down Migration

drop table backup_proof;
