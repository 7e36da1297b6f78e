-- Up Migration

-- Pictures and photos can stand in a store of files outside. `object` is a file's name there: while `jpeg` is there too, it is on its way.
alter table picture alter column jpeg drop not null, add column object text unique, add check (jpeg is not null or object is not null);
alter table swatch_photo alter column jpeg drop not null, add column object text unique, add check (jpeg is not null or object is not null);

-- What is to get a name, and what is on its way: mostly nothing.
create index picture_unnamed on picture (organisation_id) where object is null;
create index picture_moving on picture (organisation_id) where object is not null and jpeg is not null;
create index swatch_photo_unnamed on swatch_photo (organisation_id) where object is null;
create index swatch_photo_moving on swatch_photo (organisation_id) where object is not null and jpeg is not null;

-- Files in the store whose rows are gone: they go too, as soon as the clockwork comes by.
create table object_to_delete (
  organisation_id uuid not null,
  object text primary key
);
alter table object_to_delete enable row level security;
alter table object_to_delete force row level security;
create policy own on object_to_delete using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
create policy clockwork on object_to_delete using (current_setting('app.clockwork', true) = 'on');

create function note_object() returns trigger language plpgsql as $$
begin
  insert into object_to_delete values (old.organisation_id, old.object) on conflict do nothing;
  return null;
end $$;
create trigger object_gone after delete on picture for each row when (old.object is not null) execute function note_object();
create trigger object_gone after delete on swatch_photo for each row when (old.object is not null) execute function note_object();

-- Down Migration

-- What stands in the store only has to be brought back first: then this fails, and nothing is lost.
drop trigger object_gone on picture;
drop trigger object_gone on swatch_photo;
drop function note_object();
drop table object_to_delete;
alter table picture alter column jpeg set not null, drop column object;
alter table swatch_photo alter column jpeg set not null, drop column object;
