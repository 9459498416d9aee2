-- What is put in for a time and what is tightened on trial, entry by entry; the last one of a thing counts. What a job was about, for its position.
create table job_entry (
  id integer primary key,
  job_id integer not null references job (id),
  kind text not null check (kind in ('TEMPORARY', 'FASTENER')),
  what text not null,
  state text not null check (kind = 'TEMPORARY' and state in ('IN', 'OUT') or kind = 'FASTENER' and state in ('TRIAL', 'FINAL')),
  person_id integer not null references person (id),
  entered_at text not null
) strict;
create index entry_by_job on job_entry (job_id);

create table position_cause (
  job_id integer not null references job (id),
  position_id integer not null references seal_position (id),
  cause text not null,
  score real not null,
  primary key (job_id, cause)
) strict;
create index cause_by_position on position_cause (position_id);

create table position_note (
  id integer primary key,
  position_id integer not null references seal_position (id),
  job_id integer not null references job (id),
  text text not null,
  person_id integer not null references person (id),
  written_at text not null
) strict;
create index note_by_position on position_note (position_id);

create table torque_tick (
  id integer primary key,
  job_id integer not null references job (id),
  pass integer not null,
  bolt integer not null,
  bolts integer not null,
  nm real not null,
  person_id integer not null references person (id),
  ticked_at text not null,
  unique (job_id, pass, bolt, bolts, nm)
) strict;

create trigger job_entry_stays before update on job_entry begin select raise(abort, 'an entry stays as it was made'); end;
create trigger job_entry_remains before delete on job_entry begin select raise(abort, 'an entry is never deleted'); end;
