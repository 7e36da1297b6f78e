-- Up Migration

-- Devices on which a participant's page was opened, by the hash of a cookie of its own. With a PIN, those on which it was given.
create table page_device (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  hash bytea not null check (length(hash) = 32),
  device text not null default '' check (length(device) <= 300),
  first_at timestamptz not null,
  seen_at timestamptz not null,
  unlocked boolean not null default false,
  primary key (participant_id, programme_id, hash),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);

-- A participant's own PIN, as a hash (argon2id). Apart from the roster, so that neither the record nor an archive has it.
create table page_pin (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  pin text not null,
  primary key (participant_id, programme_id),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);

-- A code that opens a participant's page once, and soon, for whoever has lost her link. A new one ends the one before.
create table page_code (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  hash bytea not null unique check (length(hash) = 32),
  ends_at timestamptz not null,
  primary key (participant_id, programme_id),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);

do $$
declare t text;
begin
  foreach t in array array['page_device', 'page_pin', 'page_code'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own on %I using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()))', t);
  end loop;
end $$;
-- Whoever brings a code does not say whose it is.
create policy door on page_code using (at_the_door()) with check (at_the_door());
create index participant_email on participant (organisation_id, lower(email)) where email <> '';

-- Down Migration

drop index participant_email;
drop table page_code;
drop table page_pin;
drop table page_device;
