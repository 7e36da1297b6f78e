-- Up Migration

-- Whose part in the house was given or taken, by her name as it was then: her account may be gone, or on another server.
alter table record add column about_name text;
update record r set about_name = a.name from account a where r.subject = 'membership' and a.id::text = r.row_key ->> 'account_id';

-- A name that is out of sight already stands in an older entry.
create function name_member() returns trigger language plpgsql as $$
begin
  new.about_name := coalesce(
    (select name from account where id::text = new.row_key ->> 'account_id'),
    (select about_name from record r
     where r.subject = 'membership' and r.row_key ->> 'account_id' = new.row_key ->> 'account_id' and r.about_name is not null
     order by r.id desc limit 1));
  return new;
end $$;
create trigger name_member before insert on record for each row when (new.subject = 'membership' and new.about_name is null)
  execute function name_member();

-- Down Migration

drop trigger name_member on record;
drop function name_member();
alter table record drop column about_name;
