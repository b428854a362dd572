-- Whole documents at some of a project's revisions. What lies between is reached by the revisions' patches, or backwards by their
-- inverses, so that a save stores no more than its patch and an old revision is read in a bounded time.
create table snapshot (
    project_id varchar(64) not null references project (id) on delete cascade,
    number bigint not null,
    document jsonb not null,
    primary key (project_id, number)
);

insert into snapshot (project_id, number, document) select id, revision, document from project;

-- What the list of projects tells without reading documents; damage says why the newest state cannot be read, if it cannot.
alter table project add column scenes jsonb not null default '[]';
alter table project add column document_version integer not null default 1;
alter table project add column damage varchar(2000);
update project set
    scenes = case when jsonb_typeof(document -> 'scenes') = 'array'
        then jsonb_path_query_array(document, '$.scenes[*].id') else '[]' end,
    document_version = coalesce((document ->> 'documentVersion')::integer, 1);
alter table project drop column document;

-- A revision without a patch or an inverse has whole documents on both sides of it.
alter table revision add column patch jsonb;
alter table revision add column fingerprint varchar(64);
alter table revision alter column inverse drop not null;
