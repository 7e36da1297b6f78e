-- Up Migration

-- Photos of fabrics, re-encoded by us: nothing of what was sent in is kept but its picture. `id` is the name of its contents.
create table swatch_photo (
  organisation_id uuid not null references organisation (id) on delete cascade,
  id text not null check (id ~ '^[0-9a-f]{32}$'),
  jpeg bytea not null check (length(jpeg) between 1 and 1000000),
  kept_at timestamptz not null default now(),
  primary key (organisation_id, id)
);

alter table swatch_photo enable row level security;
alter table swatch_photo force row level security;
create policy own on swatch_photo using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Down Migration

drop table swatch_photo;
