-- Refused tries are counted by who calls, not kept with a person: a stranger cannot keep somebody out.
alter table person drop column failures;
alter table person drop column locked_until;
-- A token can be ended by its owner.
alter table api_token add column ended_at text;
-- What a lead says of a job, and for whom it waits; signed work stays signed whatever is said of it.
create table job_review (
  id integer primary key,
  job_id integer not null references job (id),
  kind text not null check (kind in ('SENT_BACK', 'COUNTERSIGNED')),
  remark text not null,
  person_id integer not null references person (id),
  written_at text not null
) strict;
create index review_by_job on job_review (job_id);
alter table job add column waits_for text check (waits_for in ('COUNTERSIGN', 'ANSWER'));
create index job_waiting on job (waits_for, id) where waits_for is not null;
