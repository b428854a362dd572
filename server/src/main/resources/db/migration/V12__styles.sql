-- What people kept of how blocks look: dress, and with it setting and moves where they are kept too.
create table own_style (
    id uuid primary key,
    name varchar(100) not null,
    style jsonb not null,
    saved_at timestamptz not null
);
