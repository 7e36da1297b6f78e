-- Up Migration

-- How far a participant has sewn a month's sheet, and what she measured: marks by name, each with its moment, of which the newest counts.
create table sewing (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  month text not null check (length(month) <= 80),
  version integer not null,
  marks jsonb not null,
  primary key (programme_id, participant_id, month, version),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
alter table sewing enable row level security;
alter table sewing force row level security;
create policy own on sewing using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));
create trigger change after insert or update or delete on sewing for each statement execute function note_change();

-- Down Migration

drop table sewing;
