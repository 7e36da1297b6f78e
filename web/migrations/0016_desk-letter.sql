-- Up Migration

-- Who wants the desk by mail, and when the next letter is due. Whoever has no row wants none.
create table desk_letter (
  organisation_id uuid not null,
  account_id uuid not null,
  kind text not null check (kind in ('pressing', 'weekly')),
  next_at timestamptz not null,
  primary key (organisation_id, account_id),
  foreign key (organisation_id, account_id) references membership (organisation_id, account_id) on delete cascade
);
alter table desk_letter enable row level security;
alter table desk_letter force row level security;
create policy own on desk_letter using (organisation_id = (select current_organisation())) with check (organisation_id = (select current_organisation()));
create trigger change after insert or update or delete on desk_letter for each statement execute function note_change();

-- Down Migration

drop table desk_letter;
