-- What a workshop has of its own and how it works. Nothing is deleted: a thing that is gone is withdrawn with a reason.
create table own_gauge (
  id integer primary key,
  name text not null,
  kind text not null,
  uncertainty_mm real not null check (uncertainty_mm >= 0),
  certificate text not null,
  due_on text,
  created_at text not null,
  withdrawn_why text
) strict;

create table own_driver (
  id integer primary key,
  outside_mm real not null check (outside_mm > 0),
  note text not null,
  position_id integer references seal_position (id),
  created_at text not null,
  withdrawn_why text
) strict;

create table own_fluid (
  id integer primary key,
  code text not null unique,
  name text not null,
  like_fluid text not null,
  ratings text not null,
  document text not null,
  created_at text not null,
  withdrawn_why text
) strict;

create table own_material (
  id integer primary key,
  code text not null unique,
  name text not null,
  family text not null,
  min_c real not null,
  max_c real not null,
  document text not null,
  created_at text not null,
  withdrawn_why text
) strict;

create table works_setting (
  name text primary key,
  value text not null
) strict;
