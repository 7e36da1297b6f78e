-- Up Migration

-- A passkey: a device's own key pair, of which the public half is kept.
create table passkey (
  -- Named by the device, in base 64.
  id text primary key check (length(id) between 16 and 1500),
  account_id uuid not null references account on delete cascade,
  public_key bytea not null check (length(public_key) <= 5000),
  -- What the device counted at its last use; 0 for those that do not count.
  counter bigint not null default 0,
  -- How the device is reached, for the browser that asks for it again.
  transports text[] not null default '{}',
  name text not null check (length(name) between 1 and 80),
  made_at timestamptz not null,
  used_at timestamptz
);
create index passkey_account on passkey (account_id);

-- What a device is asked to sign: once, and soon. Of an account where it is to be added to one.
create table passkey_challenge (
  hash bytea primary key check (length(hash) = 32),
  account_id uuid references account on delete cascade,
  ends_at timestamptz not null
);

do $$
declare t text;
begin
  foreach t in array array['passkey', 'passkey_challenge'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy door on %I using (at_the_door()) with check (at_the_door())', t);
  end loop;
end $$;

-- Down Migration

drop table passkey_challenge;
drop table passkey;
