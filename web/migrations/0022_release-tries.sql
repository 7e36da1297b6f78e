-- Up Migration

-- A release that fails is set aside for a while, longer each time, and holds up nobody else's.
alter table release add column tries integer not null default 0 check (tries >= 0), add column retry_at timestamptz;

-- Down Migration
alter table release drop column tries, drop column retry_at;
