-- Up Migration

-- A mark for everything that an organisation owns, another one after every change: whatever was made from its rows while the mark was the same is as it
-- would be made now. It is set as a transaction commits, so that nobody waits for it longer than that.
create table last_change (
  organisation_id uuid primary key references organisation on delete cascade,
  mark uuid not null
);
-- Holds a row while a transaction that changes something is under way; nobody ever sees one.
create table change_under_way (
  organisation_id uuid not null
);

alter table last_change enable row level security;
alter table last_change force row level security;
create policy own on last_change using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
alter table change_under_way enable row level security;
alter table change_under_way force row level security;
create policy own on change_under_way using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Once for each transaction, however many statements it has. Rows of other organisations are out of its reach (see the policies).
create function note_change() returns trigger language plpgsql as $$
begin
  if current_organisation() is not null and current_setting('app.changes', true) is distinct from 'noted' then
    perform set_config('app.changes', 'noted', true);
    insert into change_under_way values (current_organisation());
  end if;
  return null;
end $$;

create function set_mark() returns trigger language plpgsql as $$
begin
  delete from change_under_way where organisation_id = new.organisation_id;
  -- One that is being deleted altogether has no mark any more.
  insert into last_change select id, gen_random_uuid() from organisation where id = new.organisation_id
  on conflict (organisation_id) do update set mark = excluded.mark;
  return null;
end $$;

create constraint trigger set_mark after insert on change_under_way deferrable initially deferred for each row execute function set_mark();

do $$
declare
  owned text;
begin
  foreach owned in array array[
    'programme', 'programme_revision', 'cut_list', 'cut_step', 'swatch_photo', 'sheet_version', 'participant', 'kit', 'release', 'sheet_held', 'mail',
    'progress', 'picture', 'question', 'sample', 'record', 'deleted_row', 'membership', 'invitation', 'organisation']
  loop
    execute format('create trigger change after insert or update or delete on %I for each statement execute function note_change()', owned);
  end loop;
end $$;

-- Down Migration

do $$
declare
  owned text;
begin
  for owned in select tgrelid::regclass::text from pg_trigger where tgname = 'change' loop
    execute format('drop trigger change on %s', owned);
  end loop;
end $$;
drop table change_under_way;
drop table last_change;
drop function set_mark();
drop function note_change();
