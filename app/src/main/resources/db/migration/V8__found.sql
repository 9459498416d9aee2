-- Who may work at a position, and with what care; codes parted by a space.
alter table seal_position add column cares text not null default '';

-- A job may have several joints to tighten: each its own plan, its turns of the wrench by the joint's key ('' is the first).
create table torque_turn (
  id integer primary key,
  job_id integer not null references job (id),
  joint text not null default '',
  pass integer not null,
  bolt integer not null,
  bolts integer not null,
  nm real not null,
  person_id integer not null references person (id),
  ticked_at text not null,
  unique (job_id, joint, pass, bolt, bolts, nm)
) strict;

insert into torque_turn (id, job_id, joint, pass, bolt, bolts, nm, person_id, ticked_at)
  select id, job_id, '', pass, bolt, bolts, nm, person_id, ticked_at from torque_tick;

drop table torque_tick;
