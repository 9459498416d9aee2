-- A leak that is watched at a position: what is read there, under which terms, and every entry.
create table leak_watch (
  id integer primary key,
  position_id integer not null references seal_position (id),
  kind text not null,
  name text not null,
  person_id integer not null references person (id),
  started_at text not null,
  withdrawn_why text
) strict;
create index watch_by_position on leak_watch (position_id);

-- The last one counts.
create table leak_terms (
  id integer primary key,
  watch_id integer not null references leak_watch (id),
  area text not null,
  walk integer not null,
  every_days integer not null,
  allowance real,
  document text not null,
  bottle_ml real,
  resolution real,
  shot_g real,
  rises integer not null check (rises in (0, 1)),
  barrier integer not null check (barrier in (0, 1)),
  gas integer check (gas in (0, 1)),
  regulated integer not null check (regulated in (0, 1)),
  note text not null,
  reader_id integer references person (id),
  person_id integer not null references person (id),
  written_at text not null
) strict;
create index terms_by_watch on leak_terms (watch_id);

-- sent: as the page that sent it knows it, so that what is sent twice is kept once
create table leak_entry (
  id integer primary key,
  watch_id integer not null references leak_watch (id),
  happened_at text not null,
  type text not null,
  figure real,
  temperature_c real,
  running_hours real,
  seen text not null,
  running integer check (running in (0, 1)),
  hot integer check (hot in (0, 1)),
  mass_g real,
  note text not null,
  sent text not null unique,
  person_id integer not null references person (id),
  entered_at text not null,
  struck_why text
) strict;
create index entry_by_watch on leak_entry (watch_id, happened_at);

-- What the owner was advised because of a watch, and what was answered.
create table leak_advice (
  id integer primary key,
  watch_id integer not null references leak_watch (id),
  text text not null,
  person_id integer not null references person (id),
  written_at text not null,
  answer text,
  answered_on text
) strict;
create index advice_by_watch on leak_advice (watch_id);

-- How a watch stands, made anew from its entries at each one: for lists only.
create table leak_state (
  watch_id integer primary key references leak_watch (id),
  area text not null,
  walk integer not null,
  live integer not null check (live in (0, 1)),
  verdict text not null,
  word text not null,
  last_at text,
  last_by text,
  last_text text not null,
  due_on text not null,
  crosses_on text,
  full_on text,
  rates text not null
) strict;
create index state_by_area on leak_state (area, walk) where live = 1;
create index state_by_due on leak_state (due_on) where live = 1;
create index state_by_verdict on leak_state (verdict, due_on) where live = 1 and verdict in ('FAIL', 'CAUTION', 'REMEASURE');

-- A signed job that is to be looked at again, and what was seen then.
create table job_look (
  id integer primary key,
  job_id integer not null references job (id),
  due_on text not null,
  person_id integer not null references person (id),
  written_at text not null,
  seen text,
  seen_note text,
  seen_by integer references person (id),
  seen_at text
) strict;
create index look_by_job on job_look (job_id);
create index look_by_day on job_look (due_on) where seen is null;
create index part_not_to_be_had on part_entry (job_id) where state = 'UNOBTAINABLE';
