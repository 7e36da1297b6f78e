-- Up Migration

-- Who changed what and when. Written by the database itself, so that no way of changing anything goes past it; never changed, never deleted before its
-- organisation is. Of people's data it holds which fields were changed, not what stood there.
create table record (
  organisation_id uuid not null references organisation on delete cascade,
  id bigint generated always as identity,
  at timestamptz not null default now(),
  -- Null for what runs by the clock and for participants.
  account_id uuid,
  -- Her name as it was then: it stays when she has no part here any more.
  by_name text,
  programme_id uuid,
  -- The table, the row's own key, and what was done: 'insert', 'update', 'delete'.
  subject text not null,
  row_key jsonb not null,
  deed text not null,
  changed text[] not null default '{}',
  primary key (organisation_id, id)
);
create index record_programme on record (organisation_id, programme_id, id desc);

-- Rows that were deleted and can be brought back for thirty days.
create table deleted_row (
  organisation_id uuid not null references organisation on delete cascade,
  id bigint generated always as identity,
  record_id bigint not null,
  subject text not null,
  row_data jsonb not null,
  at timestamptz not null default now(),
  primary key (organisation_id, id)
);
create index deleted_row_at on deleted_row (at);

alter table record enable row level security;
alter table record force row level security;
create policy own on record using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
alter table deleted_row enable row level security;
alter table deleted_row force row level security;
create policy own on deleted_row using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Who acts in the present transaction; null for what runs by itself.
create function acting_account() returns uuid
  language sql stable
  return nullif(current_setting('app.account', true), '')::uuid;
create function acting_name() returns text
  language sql stable
  return (select name from account where id = acting_account());

-- Arguments: the columns that make the row's key, by comma; 'keep' where a deleted row can be brought back.
create function note_in_record() returns trigger language plpgsql as $$
declare
  row_now jsonb := case when tg_op = 'DELETE' then to_jsonb(old) else to_jsonb(new) end;
  row_was jsonb := case when tg_op = 'UPDATE' then to_jsonb(old) else '{}' end;
  own_key jsonb := '{}';
  names text[] := '{}';
  col text;
  noted bigint;
begin
  -- Whoever deletes a whole organisation, or asks that nothing be kept, leaves no trace.
  if current_setting('app.no_record', true) = 'on' or current_organisation() is null then
    return null;
  end if;
  foreach col in array string_to_array(tg_argv[0], ',') loop
    own_key := own_key || jsonb_build_object(col, row_now -> col);
  end loop;
  if tg_op = 'UPDATE' then
    select coalesce(array_agg(key order by key), '{}') into names from jsonb_each(row_now) where value is distinct from row_was -> key;
    if names = '{}' then
      return null;
    end if;
  end if;
  insert into record (organisation_id, account_id, by_name, programme_id, subject, row_key, deed, changed)
  values (
    current_organisation(), acting_account(), acting_name(),
    nullif(coalesce(row_now ->> 'programme_id', case tg_table_name when 'programme' then row_now ->> 'id' end), '')::uuid,
    tg_table_name, own_key, lower(tg_op), names)
  returning id into noted;
  if tg_op = 'DELETE' and tg_argv[1] = 'keep' then
    insert into deleted_row (organisation_id, record_id, subject, row_data) values (current_organisation(), noted, tg_table_name, row_now);
  end if;
  return null;
end $$;

-- Of a saved document only its number: what is different in it is worked out when somebody looks, and its text may hold what jsonb cannot.
create function note_revision() returns trigger language plpgsql as $$
begin
  if current_organisation() is not null then
    insert into record (organisation_id, account_id, by_name, programme_id, subject, row_key, deed)
    values (new.organisation_id, acting_account(), acting_name(), new.programme_id, tg_table_name,
      jsonb_build_object('revision', new.revision), 'insert');
  end if;
  return null;
end $$;

create trigger record after insert or update of removed_at or delete on programme for each row execute function note_in_record('id,slug,title,removed_at', '');
create trigger record after insert on programme_revision for each row execute function note_revision();
create trigger record after insert or update or delete on participant for each row execute function note_in_record('id', 'keep');
create trigger record after insert or update or delete on kit for each row execute function note_in_record('id,month,colourway,state', '');
create trigger record after insert or update or delete on release for each row execute function note_in_record('month,state,version', '');
create trigger record after insert on sheet_version for each row execute function note_in_record('month,version', '');
create trigger record after insert or update or delete on sample for each row execute function note_in_record('id,month,block', 'keep');
create trigger record after update or delete on question for each row execute function note_in_record('id', 'keep');
create trigger record after insert or update or delete on membership for each row execute function note_in_record('account_id,role', '');
create trigger record after insert or delete on invitation for each row execute function note_in_record('id,email,role', '');

-- Down Migration

drop trigger record on invitation;
drop trigger record on membership;
drop trigger record on question;
drop trigger record on sample;
drop trigger record on sheet_version;
drop trigger record on release;
drop trigger record on kit;
drop trigger record on participant;
drop trigger record on programme_revision;
drop trigger record on programme;
drop function note_revision();
drop function note_in_record();
drop function acting_name();
drop function acting_account();
drop table deleted_row;
drop table record;
