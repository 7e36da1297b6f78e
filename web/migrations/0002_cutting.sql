-- Up Migration

-- Steps of a cutting list that are done. A list is one month's plan for one colourway, reading and head count; a step is known by
-- what is cut in it, so that a plan that comes out otherwise starts with nothing ticked that was not cut.
create table cut_step (
  organisation_id uuid not null,
  programme_id uuid not null,
  list text not null check (length(list) <= 300),
  step text not null check (length(step) <= 120),
  done_at timestamptz not null default now(),
  primary key (programme_id, list, step),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);

alter table cut_step enable row level security;
alter table cut_step force row level security;
create policy own on cut_step using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());

-- Down Migration

drop table cut_step;
