-- Up Migration

-- The door: what signs people in sees accounts and sessions, and no organisation's rows. Nothing else sees them.
create function at_the_door() returns boolean
  language sql stable
  return coalesce(current_setting('app.door', true), '') = 'on';

-- Who signs in. Belongs to no organisation: one person may have a part in several.
create table account (
  id uuid primary key default gen_random_uuid(),
  email text not null unique check (email = lower(email) and length(email) between 3 and 200),
  name text not null check (length(name) between 1 and 200),
  made_at timestamptz not null default now()
);

-- What an account is opened with; apart, so that those who see its name never see this.
create table account_key (
  account_id uuid primary key references account on delete cascade,
  -- argon2id, with its salt and its cost.
  password text not null,
  -- The secret of one-time codes, in base 32; null while they are not asked for. `code_step` is the last one used: none opens twice.
  code_secret text,
  code_step bigint not null default 0
);

create table membership (
  organisation_id uuid not null references organisation on delete cascade,
  account_id uuid not null references account on delete cascade,
  role text not null check (role in ('owner', 'organiser', 'cutting-room', 'viewer')),
  since timestamptz not null default now(),
  primary key (organisation_id, account_id)
);
create index membership_account on membership (account_id);

-- A device on which somebody is signed in. Only the hash of its key is kept.
create table session (
  hash bytea primary key,
  id uuid not null default gen_random_uuid() unique,
  account_id uuid not null references account on delete cascade,
  -- For which she acts on that device.
  organisation_id uuid references organisation on delete set null,
  device text not null default '' check (length(device) <= 300),
  made_at timestamptz not null,
  seen_at timestamptz not null,
  ends_at timestamptz not null
);
create index session_account on session (account_id);

create table invitation (
  id uuid primary key default gen_random_uuid(),
  organisation_id uuid not null references organisation on delete cascade,
  email text not null check (email = lower(email) and length(email) between 3 and 200),
  role text not null check (role in ('owner', 'organiser', 'cutting-room', 'viewer')),
  hash bytea not null unique,
  made_at timestamptz not null,
  ends_at timestamptz not null,
  unique (organisation_id, email)
);

-- A letter on its way to somebody who has forgotten the password.
create table recovery (
  hash bytea primary key,
  account_id uuid not null references account on delete cascade,
  ends_at timestamptz not null
);

-- How often something was tried lately, under a name; kept by the library that counts.
create table throttle (
  key varchar(255) primary key,
  points integer not null default 0,
  expire bigint
);

do $$
declare t text;
begin
  foreach t in array array['account', 'account_key', 'membership', 'session', 'invitation', 'recovery', 'throttle'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
  end loop;
  foreach t in array array['account', 'account_key', 'membership', 'session', 'invitation', 'recovery'] loop
    execute format('create policy door on %I using (at_the_door()) with check (at_the_door())', t);
  end loop;
end $$;
-- Counts of tries name nobody: their keys are hashes.
create policy anybody on throttle using (true) with check (true);
create policy own on membership using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
create policy own on invitation using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
-- An organisation sees the names of those who have a part in it.
create policy member on account for select using (
  exists (select from membership m where m.account_id = account.id and m.organisation_id = current_organisation()));
-- The door learns the name of the organisation that somebody has a part in or is invited to, and may found one.
create policy door on organisation using (at_the_door()) with check (at_the_door());

-- Down Migration

drop policy door on organisation;
drop table throttle;
drop table recovery;
drop table invitation;
drop table session;
drop table membership;
drop table account_key;
drop table account;
drop function at_the_door();
