-- States of a project that people, or the page by itself, kept to come back to. The document is that of the revision; the
-- picture is a small PNG of one frame.
create table kept_state (
    id uuid primary key,
    project_id varchar(64) not null references project (id) on delete cascade,
    revision bigint not null,
    name varchar(200) not null,
    by_hand boolean not null,
    scene varchar(64) not null,
    frame integer not null,
    picture bytea,
    kept_at timestamptz not null
);

create index kept_state_by_project on kept_state (project_id, kept_at);
