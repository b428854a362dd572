-- Font files that people brought along, and the faces that each of them holds.
create table font_file (
    sha256 varchar(64) primary key,
    name varchar(200) not null,
    file_id uuid not null references stored_file (id),
    added_at timestamptz not null
);

create table font_face (
    id bigint generated always as identity primary key,
    sha256 varchar(64) not null references font_file (sha256) on delete cascade,
    position integer not null,
    italic boolean not null,
    family varchar(100) not null,
    unique (sha256, position)
);
