-- Up Migration

-- Whether the organiser may see her pictures; who shows them to the group shows them to her too.
alter table participant add column seen boolean not null default false;

-- Sizes that a participant measured and sent to the organiser, which she did of her own will and may take back.
create table measurement (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  participant_id uuid not null,
  month text not null default '' check (length(month) <= 80),
  sizes jsonb not null,
  sent_at timestamptz not null,
  primary key (programme_id, id),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index measurement_participant on measurement (programme_id, participant_id);
alter table measurement enable row level security;
alter table measurement force row level security;
create policy own on measurement using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));
create trigger change after insert or update or delete on measurement for each statement execute function note_change();

-- Down Migration

drop table measurement;
alter table participant drop column seen;
