-- Programs that take exports from the queue, here and on other machines.
create table worker (
    name varchar(100) primary key,
    machine varchar(200) not null,
    process bigint not null,
    processors integer not null,
    load double precision not null,
    doing varchar(400) not null,
    since timestamptz not null,
    seen_at timestamptz not null,
    left_at timestamptz
);

-- Who makes an export, and the claim that was given when it began: whoever holds another one does not deliver.
alter table export add column worker varchar(100);
alter table export add column claim uuid;
alter table export add column priority smallint not null default 0;
-- SHA-256 of what a version is made of, so that those are known again that would come out the same.
alter table export add column made_of varchar(64);

-- Pieces of a film that are painted apart. Files by the names of their kinds.
create table stretch (
    id uuid primary key,
    painting uuid not null,
    first_frame integer not null,
    end_frame integer not null,
    state varchar(20) not null,
    done integer not null,
    attempts integer not null,
    worker varchar(100),
    claim uuid,
    files jsonb not null
);

create index stretch_by_painting on stretch (painting);

-- The place of a file in the shared folder; null where its content is in the database.
alter table stored_file add column place varchar(200);
