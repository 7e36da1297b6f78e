-- Up Migration

-- A sheet that was published: the month as it stood in that revision of the document, for good.
create table sheet_version (
  organisation_id uuid not null,
  programme_id uuid not null,
  month text not null check (length(month) <= 80),
  version integer not null check (version > 0),
  revision integer not null,
  published_at timestamptz not null default now(),
  primary key (programme_id, month, version),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade,
  foreign key (programme_id, revision) references programme_revision (programme_id, revision)
);

alter table sheet_version enable row level security;
alter table sheet_version force row level security;
create policy own on sheet_version using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Down Migration

drop table sheet_version;
