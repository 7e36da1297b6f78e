-- Up Migration

-- The language in which a house, and whoever takes part with it, is spoken to: British or American English, or one of a folder of words.
alter table organisation add column language text not null default 'en-GB' check (language ~ '^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$');

-- Down Migration

alter table organisation drop column language;
