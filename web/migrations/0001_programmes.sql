-- Up Migration

-- A shop or a guild. Every other table belongs to one.
create table organisation (
  id uuid primary key default gen_random_uuid(),
  name text not null,
  created_at timestamptz not null default now()
);

create table programme (
  id uuid primary key default gen_random_uuid(),
  organisation_id uuid not null references organisation on delete cascade,
  -- Its name in addresses: 'the-allotment-year'.
  slug text not null,
  title text not null,
  -- The newest revision; the document itself stands in programme_revision.
  revision integer not null check (revision > 0),
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  -- When it was put aside; it can be put back.
  removed_at timestamptz,
  unique (organisation_id, slug),
  unique (organisation_id, id)
);

-- Every saved state of a programme's document: nothing is overwritten.
create table programme_revision (
  organisation_id uuid not null,
  programme_id uuid not null,
  revision integer not null check (revision > 0),
  -- json, not jsonb: an export gives back the fields in the order they came in.
  document json not null,
  saved_at timestamptz not null default now(),
  primary key (programme_id, revision),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);

-- The organisation that the present transaction acts for; none is seen as long as none is named.
create function current_organisation() returns uuid
  language sql stable
  return nullif(current_setting('app.organisation', true), '')::uuid;

alter table organisation enable row level security;
alter table organisation force row level security;
create policy own on organisation using (id = current_organisation()) with check (id = current_organisation());

alter table programme enable row level security;
alter table programme force row level security;
create policy own on programme using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

alter table programme_revision enable row level security;
alter table programme_revision force row level security;
create policy own on programme_revision using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Down Migration

drop table programme_revision;
drop table programme;
drop table organisation;
drop function current_organisation();
