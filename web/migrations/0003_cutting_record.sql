-- Up Migration

-- What a step gave, so that planning goes on around what is cut. `place` is a month's cutting for one colourway, in pieces or in
-- lengths; all lists that were begun there, for whatever head count, count what earlier ones cut.
alter table cut_step add column place text not null default '' check (length(place) <= 300);
alter table cut_step add column gives jsonb not null default '[]';
update cut_step set place = split_part(list, '~', 1) || '~' || split_part(list, '~', 2) || '~' || split_part(list, '~', 3);
create index cut_step_place on cut_step (programme_id, place);

-- A list that cutting began from: for how many kits, which steps of earlier lists it counts as cut, and what the evening took.
create table cut_list (
  organisation_id uuid not null,
  programme_id uuid not null,
  place text not null check (length(place) <= 300),
  list text not null check (length(list) <= 300),
  kits integer not null check (kits >= 0),
  base jsonb not null default '[]',
  estimated real not null check (estimated >= 0),
  minutes real check (minutes > 0),
  begun_at timestamptz not null default now(),
  primary key (programme_id, list),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index cut_list_place on cut_list (programme_id, place, begun_at);

alter table cut_list enable row level security;
alter table cut_list force row level security;
create policy own on cut_list using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Down Migration

drop table cut_list;
alter table cut_step drop column gives, drop column place;
