-- Exports of versions: the row that was filled in, its name, and the order that they were made by.
alter table export add column row_id varchar(64);
alter table export add column revision bigint;
alter table export add column batch uuid;
alter table export add column format varchar(64);

create index export_by_batch on export (batch);
