-- Moves that people saved: one or more moves of a phase, under a name.
create table own_move (
    id uuid primary key,
    name varchar(100) not null,
    note varchar(1000) not null,
    phase varchar(10) not null,
    moves jsonb not null,
    saved_at timestamptz not null
);
