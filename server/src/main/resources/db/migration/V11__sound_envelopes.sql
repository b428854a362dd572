-- How loud recordings are in bands over time, of those that something follows.
create table sound_envelope (
    sha256 varchar(64) primary key references sound (sha256),
    envelope bytea not null
);
