-- Sections on the bench. Every move of the hand is a row that stays; undo and redo only move the mark, so nothing is lost.
create table section_sheet (
  id integer primary key,
  job_id integer references job (id),
  role text not null check (role in ('OWN', 'AS_FOUND', 'PLANNED')),
  made_by integer not null references person (id),
  made_at text not null,
  at_move integer references section_move (id),
  withdrawn_why text,
  check ((role = 'OWN') = (job_id is null)),
  unique (job_id, role)
) strict;

create table section_move (
  id integer primary key,
  sheet_id integer not null references section_sheet (id),
  before_id integer references section_move (id),
  run text,
  what text not null,
  section text not null,
  schema_version integer not null,
  person_id integer not null references person (id),
  made_at text not null
) strict;
create index move_by_before on section_move (before_id);
create index move_by_sheet on section_move (sheet_id);

-- What stands at a position since a job was signed.
create table fitted_section (
  id integer primary key,
  position_id integer not null references seal_position (id),
  job_id integer not null unique references job (id),
  section text not null,
  fitted_at text not null
) strict;
create index fitted_by_position on fitted_section (position_id);

create trigger section_move_stays before update on section_move begin select raise(abort, 'a move stays as it was made'); end;
create trigger section_move_remains before delete on section_move begin select raise(abort, 'a move is never deleted'); end;
create trigger fitted_section_stays before update on fitted_section begin select raise(abort, 'what was fitted stays as it was'); end;
create trigger fitted_section_remains before delete on fitted_section begin select raise(abort, 'what was fitted is never deleted'); end;
