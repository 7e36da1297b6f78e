-- Up Migration

-- A person on a programme's roster. Kept small: what cutting, handing over and telling her need.
create table participant (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  name text not null check (length(name) between 1 and 200),
  email text not null default '' check (length(email) <= 200),
  phone text not null default '' check (length(phone) <= 200),
  address text not null default '' check (length(address) <= 500),
  colourway text not null check (length(colourway) <= 80),
  size text not null default '' check (length(size) <= 80),
  kit text not null default '' check (length(kit) <= 20),
  handing text not null default 'pickup' check (handing in ('pickup', 'post')),
  state text not null default 'in' check (state in ('waiting', 'in', 'left')),
  joined date,
  left_on date,
  paid_to text not null default '' check (length(paid_to) <= 80),
  notes text not null default '' check (length(notes) <= 2000),
  sheet text not null default '' check (length(sheet) <= 200),
  -- Her private page: the key itself is kept nowhere; `link` counts how often it was made anew.
  link integer not null default 1,
  link_hash bytea,
  -- Her blocks may be shown to the others.
  shows boolean not null default false,
  added_at timestamptz not null default now(),
  primary key (programme_id, id),
  unique (organisation_id, programme_id, id),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index participant_place on participant (programme_id, state, colourway, size);
create index participant_name on participant (programme_id, lower(name), id);
create unique index participant_link on participant (link_hash) where link_hash is not null;

-- A kit that is more than planned: planned ones follow from the roster and the packets. `month` is the first of its packet. A kit without
-- a participant is a spare, a demo set, or left over. There is no index by month and state: right after many rows came in, the planner would take it for
-- a join by participant and go through all of them for each.
create table kit (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  participant_id uuid,
  month text not null check (length(month) <= 80),
  colourway text not null check (length(colourway) <= 80),
  size text not null default '' check (length(size) <= 80),
  state text not null check (state in ('cut', 'packed', 'handed')),
  cut_at timestamptz,
  packed_at timestamptz,
  handed_at timestamptz,
  primary key (programme_id, id),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade,
  foreign key (programme_id, participant_id) references participant (programme_id, id)
);
create unique index kit_once on kit (programme_id, month, participant_id) where participant_id is not null;
create index kit_participant on kit (programme_id, participant_id);
create index kit_loose on kit (programme_id, month) where participant_id is null;

-- A month on its way out: proofed, then scheduled, then released. A month without a row is a draft. `version` is the sheet's version that
-- goes out, frozen when it was proofed.
create table release (
  organisation_id uuid not null,
  programme_id uuid not null,
  month text not null check (length(month) <= 80),
  state text not null check (state in ('proofed', 'scheduled', 'released')),
  version integer not null,
  checks jsonb not null default '[]',
  proofed_at timestamptz not null,
  due_at timestamptz,
  released_at timestamptz,
  check ((state = 'scheduled') <= (due_at is not null)),
  check ((state = 'released') = (released_at is not null)),
  primary key (programme_id, month),
  foreign key (programme_id, month, version) references sheet_version (programme_id, month, version),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index release_due on release (due_at) where state = 'scheduled';

-- Who holds which version of a month's sheet.
create table sheet_held (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  month text not null check (length(month) <= 80),
  version integer not null,
  held_at timestamptz not null,
  -- How she came by it: by mail, on her page, or handed to her.
  way text not null check (way in ('mail', 'page', 'hand')),
  primary key (programme_id, month, participant_id, version),
  foreign key (programme_id, month, version) references sheet_version (programme_id, month, version),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index sheet_held_participant on sheet_held (programme_id, participant_id);

-- Mail on its way. `once` names what it is about, so that nothing is put in the box twice.
create table mail (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  participant_id uuid,
  once text not null check (length(once) <= 300),
  month text check (length(month) <= 80),
  version integer,
  recipient text not null,
  subject text not null,
  body text not null,
  -- Whether her sheet of that month and version goes with it.
  with_sheet boolean not null default false,
  state text not null default 'waiting' check (state in ('waiting', 'sending', 'sent', 'failed')),
  tries integer not null default 0,
  next_at timestamptz not null,
  sent_at timestamptz,
  trouble text not null default '',
  written_at timestamptz not null,
  primary key (programme_id, id),
  unique (programme_id, once),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade,
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade
);
create index mail_next on mail (next_at) where state in ('waiting', 'sending');
create index mail_written on mail (programme_id, written_at desc, recipient, id);
create index mail_participant on mail (programme_id, participant_id);

-- How far she is with a month, by her own ticks.
create table progress (
  organisation_id uuid not null,
  programme_id uuid not null,
  participant_id uuid not null,
  month text not null check (length(month) <= 80),
  step text not null check (step in ('cut', 'units', 'block')),
  done_at timestamptz not null,
  primary key (programme_id, participant_id, month, step),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);

-- Pictures of what she has sewn.
create table picture (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  participant_id uuid not null,
  month text not null check (length(month) <= 80),
  jpeg bytea not null,
  taken_at timestamptz not null,
  primary key (programme_id, id),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index picture_participant on picture (programme_id, participant_id);

-- What a participant asks, and what she is answered.
create table question (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  participant_id uuid not null,
  month text not null default '' check (length(month) <= 80),
  asks text not null check (length(asks) between 1 and 4000),
  asked_at timestamptz not null,
  answer text not null default '' check (length(answer) <= 4000),
  answered_at timestamptz,
  primary key (programme_id, id),
  foreign key (programme_id, participant_id) references participant (programme_id, id) on delete cascade,
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index question_participant on question (programme_id, participant_id);

-- A sample that was sewn: from which revision, how long each step took, and what was measured.
create table sample (
  organisation_id uuid not null,
  programme_id uuid not null,
  id uuid not null default gen_random_uuid(),
  month text not null check (length(month) <= 80),
  block text not null check (length(block) <= 120),
  colourway text not null check (length(colourway) <= 80),
  revision integer not null,
  sewn_by text not null default '' check (length(sewn_by) <= 200),
  sewn_on date not null,
  -- Minutes by step, and sizes that were measured, as they were written.
  minutes jsonb not null default '{}',
  measured jsonb not null default '[]',
  remarks text not null default '' check (length(remarks) <= 4000),
  noted_at timestamptz not null,
  primary key (programme_id, id),
  foreign key (programme_id, revision) references programme_revision (programme_id, revision),
  foreign key (organisation_id, programme_id) references programme (organisation_id, id) on delete cascade
);
create index sample_month on sample (programme_id, month);

do $$
declare t text;
begin
  foreach t in array array['participant', 'kit', 'release', 'sheet_held', 'mail', 'progress', 'picture', 'question', 'sample'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', t);
  end loop;
end $$;

-- What runs by the clock has to know whose turn it is: it sees which organisations there are, and nothing of them.
create policy clockwork on organisation for select using (current_setting('app.clockwork', true) = 'on');

-- Down Migration

drop policy clockwork on organisation;
drop table sample, question, picture, progress, mail, sheet_held, release, kit, participant;
