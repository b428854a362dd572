-- Exports that come of one painting of the same frames are made together.
alter table export add column painting uuid;

update export set painting = id;

alter table export alter column painting set not null;

create index export_by_painting on export (painting);
