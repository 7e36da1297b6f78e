-- Up Migration

-- Whether she tells the organiser what the checks of her layouts find. Taking it back takes what was told.
alter table participant add column tells boolean not null default false;

-- What a participant's checks found in a block that she laid out: each slip once, however often she looked; none where all lay right.
create table layout_check (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  month text not null check (length(month) <= 80),
  block text not null check (length(block) <= 200),
  found jsonb not null,
  checked_at timestamptz not null,
  primary key (programme_id, participant_id, month, block),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
alter table layout_check enable row level security;
alter table layout_check force row level security;
create policy own on layout_check using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));
create trigger change after insert or update or delete on layout_check for each statement execute function note_change();

-- Down Migration

drop table layout_check;
alter table participant drop column tells;
