-- What a job leaves behind at its position, what lies in the store, what comes off and goes in, and words to find everything by.
alter table seal_position add column kind text not null default 'LIP_SEAL';
alter table seal_position add column one_way integer not null default 0;
alter table seal_position add column note text not null default '';

create table position_limit (
  id integer primary key,
  position_id integer not null references seal_position (id),
  what text not null,
  least real,
  most real,
  unit text not null,
  document text not null,
  person_id integer not null references person (id),
  written_at text not null,
  withdrawn_why text
) strict;
create index limit_by_position on position_limit (position_id);

-- The bytes lie beside the database, named by their hash.
create table attachment (
  id integer primary key,
  position_id integer not null references seal_position (id),
  job_id integer references job (id),
  name text not null,
  media_type text not null,
  sha256 text not null,
  person_id integer not null references person (id),
  added_at text not null,
  withdrawn_why text
) strict;
create index attachment_by_position on attachment (position_id);

create table lot (
  id integer primary key,
  kind text not null,
  name text not null,
  size text not null,
  material text,
  batch text not null,
  cured text,
  place text not null,
  source text not null,
  person_id integer not null references person (id),
  received_on text not null,
  withdrawn_why text
) strict;

create table lot_extension (
  lot_id integer primary key references lot (id),
  inspection text not null,
  person_id integer not null references person (id),
  written_at text not null
) strict;

create table lot_movement (
  id integer primary key,
  lot_id integer not null references lot (id),
  kind text not null check (kind in ('RECEIVED', 'ISSUED', 'RETURNED', 'COUNTED', 'SCRAPPED')),
  change integer not null,
  job_id integer references job (id),
  why text not null,
  person_id integer not null references person (id),
  moved_at text not null
) strict;
create index movement_by_lot on lot_movement (lot_id);

create table job_part (
  id integer primary key,
  job_id integer not null references job (id),
  part text not null,
  stage text not null,
  kind text not null,
  count integer not null check (count > 0),
  name text not null,
  size text not null,
  material text,
  why text not null,
  person_id integer not null references person (id),
  added_at text not null,
  unique (job_id, part)
) strict;

-- What was decided about a part of the list; the last entry of a part counts.
create table part_entry (
  id integer primary key,
  job_id integer not null references job (id),
  part text not null,
  state text not null,
  lot_id integer references lot (id),
  count integer not null check (count > 0),
  size text not null,
  material text,
  reason text not null,
  follow_up text not null,
  person_id integer not null references person (id),
  entered_at text not null
) strict;
create index part_entry_by_job on part_entry (job_id);

create table strip_part (
  id integer primary key,
  job_id integer not null references job (id),
  kind text not null,
  name text not null,
  came_with integer references strip_part (id),
  person_id integer not null references person (id),
  removed_at text not null,
  struck_why text
) strict;
create index strip_part_by_job on strip_part (job_id);

-- What was noted of a part that came off, and what became of it; the last entry counts.
create table strip_note (
  id integer primary key,
  part_id integer not null references strip_part (id),
  texts text not null,
  person_id integer not null references person (id),
  noted_at text not null
) strict;
create index strip_note_by_part on strip_note (part_id);

create table strip_back (
  id integer primary key,
  part_id integer not null references strip_part (id),
  state text not null check (state in ('OUT', 'BACK', 'RENEWED', 'LEFT_OUT')),
  reason text not null,
  person_id integer not null references person (id),
  entered_at text not null
) strict;
create index strip_back_by_part on strip_back (part_id);

create table job_timer (
  id integer primary key,
  job_id integer not null references job (id),
  what text not null,
  minutes integer not null check (minutes > 0),
  person_id integer not null references person (id),
  started_at text not null,
  stopped_why text
) strict;
create index timer_by_job on job_timer (job_id);

create table concession (
  job_id integer primary key references job (id),
  position_id integer not null references seal_position (id),
  defect text not null,
  why text not null,
  expected text not null,
  fallback text not null,
  next_look text not null,
  agreed_by text not null
) strict;
create index concession_by_position on concession (position_id);

create table recommendation (
  id integer primary key,
  job_id integer not null references job (id),
  position_id integer not null references seal_position (id),
  text text not null,
  answer text,
  answered_on text,
  person_id integer not null references person (id),
  written_at text not null
) strict;
create index recommendation_by_position on recommendation (position_id);

-- How long what was fitted had run when it came out, and why it did.
create table seal_life (
  job_id integer primary key references job (id),
  position_id integer not null references seal_position (id),
  seal text not null,
  size text not null,
  material text,
  fitted_at text not null,
  hours_of_last real,
  reason_of_last text not null
) strict;
create index life_by_position on seal_life (position_id);

-- A step is ticked as it read then; one from before that was written down holds for whatever it says.
create table step_as_read (
  id integer primary key,
  job_id integer not null references job (id),
  step text not null,
  act text not null,
  person_id integer not null references person (id),
  done_at text not null,
  skipped_why text
) strict;
insert into step_as_read (id, job_id, step, act, person_id, done_at, skipped_why) select id, job_id, step, '', person_id, done_at, skipped_why from step_done;
drop table step_done;
alter table step_as_read rename to step_done;
create index step_by_job on step_done (job_id, step);

create trigger lot_movement_stays before update on lot_movement begin select raise(abort, 'a movement stays as it was made'); end;
create trigger lot_movement_remains before delete on lot_movement begin select raise(abort, 'a movement is never deleted'); end;
create trigger part_entry_stays before update on part_entry begin select raise(abort, 'an entry stays as it was made'); end;
create trigger part_entry_remains before delete on part_entry begin select raise(abort, 'an entry is never deleted'); end;
create trigger strip_note_stays before update on strip_note begin select raise(abort, 'a note stays as it was made'); end;
create trigger strip_note_remains before delete on strip_note begin select raise(abort, 'a note is never deleted'); end;

-- Words to find everything by. A row is made with its thing and follows its changes; what is withdrawn is still found.
create virtual table found using fts5 (kind unindexed, ref unindexed, place unindexed, words, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');

insert into found (kind, ref, place, words) select 'MACHINE', id, id, name || ' ' || place || ' ' || note from machine;
insert into found (kind, ref, place, words) select 'POSITION', p.id, p.id, m.name || ' ' || p.name || ' ' || coalesce(printf('%g', p.shaft_mm), '') || ' ' || coalesce(printf('%g', p.bore_mm), '') || ' ' || p.medium || ' ' || p.dirt
  from seal_position p join machine m on m.id = p.machine_id;
insert into found (kind, ref, place, words) select 'JOB', j.id, j.number, j.number || ' ' || p.name || ' ' || m.name from job j join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
insert into found (kind, ref, place, words) select 'SHEET', r.id, j.number, (select coalesce(group_concat(json_extract(e.value, '$.text'), ' '), '') from json_each(r.texts) e) || ' ' || m.name || ' ' || p.name from sheet_revision r join job j on j.id = r.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
insert into found (kind, ref, place, words) select 'NOTE', id, position_id, text from position_note;

create trigger machine_found after insert on machine begin insert into found (kind, ref, place, words) values ('MACHINE', new.id, new.id, new.name || ' ' || new.place || ' ' || new.note); end;
create trigger position_found after insert on seal_position begin
  insert into found (kind, ref, place, words) select 'POSITION', new.id, new.id, m.name || ' ' || new.name || ' ' || coalesce(printf('%g', new.shaft_mm), '') || ' ' || coalesce(printf('%g', new.bore_mm), '') || ' ' || new.medium || ' ' || new.dirt || ' ' || new.kind || ' ' || new.note from machine m where m.id = new.machine_id;
end;
create trigger position_found_again after update on seal_position begin
  delete from found where kind = 'POSITION' and ref = new.id;
  insert into found (kind, ref, place, words) select 'POSITION', new.id, new.id, m.name || ' ' || new.name || ' ' || coalesce(printf('%g', new.shaft_mm), '') || ' ' || coalesce(printf('%g', new.bore_mm), '') || ' ' || new.medium || ' ' || new.dirt || ' ' || new.kind || ' ' || new.note from machine m where m.id = new.machine_id;
end;
create trigger job_found after insert on job begin
  insert into found (kind, ref, place, words) select 'JOB', new.id, new.number, new.number || ' ' || p.name || ' ' || m.name from seal_position p join machine m on m.id = p.machine_id where p.id = new.position_id;
end;
create trigger sheet_found after insert on sheet_revision begin
  insert into found (kind, ref, place, words) select 'SHEET', new.id, j.number, (select coalesce(group_concat(json_extract(e.value, '$.text'), ' '), '') from json_each(new.texts) e) || ' ' || m.name || ' ' || p.name from job j join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id where j.id = new.job_id;
end;
create trigger note_found after insert on position_note begin insert into found (kind, ref, place, words) values ('NOTE', new.id, new.position_id, new.text); end;
create trigger lot_found after insert on lot begin
  insert into found (kind, ref, place, words) values ('LOT', new.id, new.id, new.name || ' ' || new.size || ' ' || replace(new.size, 'x', ' ') || ' ' || coalesce(new.material, '') || ' ' || new.batch || ' ' || new.place || ' ' || new.source);
end;
create trigger strip_found after insert on strip_note begin
  insert into found (kind, ref, place, words) select 'STRIP', new.id, j.number, s.name || ' ' || (select coalesce(group_concat(e.value, ' '), '') from json_each(new.texts) e) || ' ' || m.name || ' ' || p.name
  from strip_part s join job j on j.id = s.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id where s.id = new.part_id;
end;
create trigger part_found after insert on part_entry begin
  insert into found (kind, ref, place, words) select 'PART', new.id, j.number, new.part || ' ' || coalesce((select l.batch from lot l where l.id = new.lot_id), '') || ' ' || new.reason || ' ' || new.follow_up || ' ' || m.name || ' ' || p.name from job j join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id where j.id = new.job_id;
end;
create trigger addendum_found after insert on addendum begin
  insert into found (kind, ref, place, words) select 'ADDENDUM', new.id, j.number, new.text || ' ' || m.name || ' ' || p.name from job j join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id where j.id = new.job_id;
end;
