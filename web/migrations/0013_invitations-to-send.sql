-- Up Migration

-- Who had a part in an archive's shop is known here before she is invited: such an invitation has no key and no end yet.
alter table invitation alter column hash drop not null;
alter table invitation alter column ends_at drop not null;
alter table invitation add constraint invitation_sent check ((hash is null) = (ends_at is null));
-- The letter is what the record tells of, also where the row was there before.
drop trigger record on invitation;
create trigger record after insert or delete or update of hash on invitation for each row execute function note_in_record('id,email,role', '');

-- Down Migration

drop trigger record on invitation;
create trigger record after insert or delete on invitation for each row execute function note_in_record('id,email,role', '');
delete from invitation where hash is null;
alter table invitation alter column ends_at set not null;
alter table invitation alter column hash set not null;
alter table invitation drop constraint invitation_sent;
