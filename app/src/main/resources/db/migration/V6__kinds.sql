-- what a job is about is fixed when it is opened; what was opened before was about lip seals
alter table job add column kind text not null default 'LIP_SEAL';

create trigger job_kind_stays before update of kind on job when new.kind <> old.kind begin select raise(abort, 'the kind of a job is fixed when it is opened'); end;

-- what is sealed in a job, from 1; the first is what it was opened for
create table job_item (
  job_id integer not null references job (id),
  number integer not null check (number >= 1),
  kind text not null,
  person_id integer not null references person (id),
  added_at text not null,
  primary key (job_id, number)
) strict;

insert into job_item (job_id, number, kind, person_id, added_at) select id, 1, kind, opened_by, opened_at from job;

-- the last running number of each year
create table job_number (
  year integer primary key,
  last integer not null
) strict;

insert into job_number (year, last) select cast(substr(number, 1, 2) as integer), max(cast(substr(number, 4) as integer)) from job group by 1;
