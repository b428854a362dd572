-- How long exports took tells how long the next ones will.
alter table export add column started_at timestamp with time zone;
alter table export add column pixels bigint not null default 0;
