-- Templates are projects of their own: published, never edited, and used in others.
alter table project add column template boolean not null default false;
