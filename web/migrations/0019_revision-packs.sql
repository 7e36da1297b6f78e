-- Up Migration

-- Old revisions lie many together: next to one another they are the same document again and again, and compressed they are little more than one. A row of
-- programme_revision without a document has it in the pack that its number falls into.
create table revision_pack (
  organisation_id uuid not null,
  programme_id uuid not null,
  first integer not null check (first > 0),
  last integer not null check (last >= first),
  -- Numbers and documents, letter by letter as they were saved; compressed.
  body bytea not null,
  primary key (programme_id, first),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
alter table revision_pack alter column body set storage external;
alter table revision_pack enable row level security;
alter table revision_pack force row level security;
create policy own on revision_pack using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));
alter table programme_revision alter column document drop not null;

-- Down Migration

-- Packed documents would be lost: whoever goes back first imports an archive made before.
do $$ begin
  if exists (select from revision_pack) then raise exception 'old revisions are packed: take a backup of before'; end if;
end $$;
alter table programme_revision alter column document set not null;
drop table revision_pack;
