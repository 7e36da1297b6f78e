-- Up Migration

-- Who cut what, and what an evening took, stand in the record like everything else that is done to kits.
create trigger record after insert or delete on cut_step for each row execute function note_in_record('place,list,step', '');
create trigger record after update of minutes on cut_list for each row execute function note_in_record('place,list,minutes', '');

-- Down Migration

drop trigger record on cut_list;
drop trigger record on cut_step;
