-- What was ticked can be taken back with a reason; both stay in the record.
alter table step_done add column undone_why text;

create table turn_of_wrench (
  id integer primary key,
  job_id integer not null references job (id),
  joint text not null default '',
  pass integer not null,
  bolt integer not null,
  bolts integer not null,
  nm real not null,
  person_id integer not null references person (id),
  ticked_at text not null,
  undone_why text,
  undone_by integer references person (id),
  undone_at text
) strict;
create unique index turn_stands on turn_of_wrench (job_id, joint, pass, bolt, bolts, nm) where undone_why is null;
insert into turn_of_wrench (id, job_id, joint, pass, bolt, bolts, nm, person_id, ticked_at)
  select id, job_id, joint, pass, bolt, bolts, nm, person_id, ticked_at from torque_turn;
drop table torque_turn;
alter table turn_of_wrench rename to torque_turn;
