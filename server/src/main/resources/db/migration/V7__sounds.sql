-- Recordings that people brought along, named by the SHA-256 of the file they came in. Kept are their bare samples, in chunks
-- of the same length, so that every moment can be had at once, and how loud they are over time.
create table sound (
    sha256 varchar(64) primary key,
    name varchar(200) not null,
    frames bigint not null,
    waveform bytea not null,
    file_id uuid not null references stored_file (id)
);
