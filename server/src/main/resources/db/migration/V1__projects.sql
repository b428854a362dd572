create table project (
    id varchar(64) primary key,
    name varchar(200) not null,
    revision bigint not null,
    document jsonb not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    deleted_at timestamptz
);

-- What takes each saved revision back to the one before it. The page names every change it sends, so that one whose answer
-- was lost can be sent again without being made twice.
create table revision (
    id bigint generated always as identity primary key,
    project_id varchar(64) not null references project (id) on delete cascade,
    number bigint not null,
    change_id varchar(64) not null,
    inverse jsonb not null,
    saved_at timestamptz not null,
    unique (project_id, number),
    unique (project_id, change_id)
);

create table stored_file (
    id uuid primary key,
    media_type varchar(100) not null,
    size bigint not null,
    sha256 varchar(64) not null,
    created_at timestamptz not null
);

create table file_chunk (
    id bigint generated always as identity primary key,
    file_id uuid not null references stored_file (id) on delete cascade,
    position integer not null,
    content bytea not null,
    unique (file_id, position)
);

create table asset (
    sha256 varchar(64) primary key,
    name varchar(200) not null,
    file_id uuid not null references stored_file (id)
);

create table export (
    id uuid primary key,
    project_id varchar(64) not null references project (id) on delete cascade,
    file_name varchar(200) not null,
    job jsonb not null,
    state varchar(20) not null,
    done integer not null,
    total integer not null,
    attempts integer not null,
    message varchar(8000) not null,
    cancel_asked boolean not null,
    file_id uuid references stored_file (id),
    created_at timestamptz not null,
    finished_at timestamptz
);

create index export_by_project on export (project_id, created_at);

-- The render queue, in the form that db-scheduler asks for.
create table scheduled_tasks (
    task_name text not null,
    task_instance text not null,
    task_data bytea,
    execution_time timestamptz not null,
    picked boolean not null,
    picked_by text,
    last_success timestamptz,
    last_failure timestamptz,
    consecutive_failures int,
    last_heartbeat timestamptz,
    version bigint not null,
    priority smallint,
    primary key (task_name, task_instance)
);

create index scheduled_tasks_by_time on scheduled_tasks (execution_time);
create index scheduled_tasks_by_heartbeat on scheduled_tasks (last_heartbeat);
