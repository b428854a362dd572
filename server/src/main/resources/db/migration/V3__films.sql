-- Films that people brought along, named by the SHA-256 of the file they came in. Only their frames are kept, each as one
-- chunk of the file, so that every frame can be had by its number.
create table film (
    sha256 varchar(64) primary key,
    name varchar(200) not null,
    width integer not null,
    height integer not null,
    frames integer not null,
    rate_numerator integer not null,
    rate_denominator integer not null,
    file_id uuid not null references stored_file (id)
);
