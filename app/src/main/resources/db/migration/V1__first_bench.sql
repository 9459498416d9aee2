create table person (
  id integer primary key,
  name text not null unique collate nocase,
  full_name text not null,
  role text not null check (role in ('FITTER', 'LEAD', 'VIEWER')),
  password_hash text not null,
  failures integer not null default 0,
  locked_until text,
  unit text not null default 'MM' check (unit in ('MM', 'INCH')),
  theme text not null default 'SYSTEM' check (theme in ('SYSTEM', 'LIGHT', 'DARK')),
  created_at text not null,
  withdrawn_why text
) strict;

create table api_token (
  id integer primary key,
  person_id integer not null references person (id),
  sha256 text not null unique,
  created_at text not null
) strict;

create table act (
  id integer primary key,
  at text not null,
  person_name text not null,
  what text not null
) strict;

create table machine (
  id integer primary key,
  name text not null,
  place text not null,
  note text not null default '',
  created_at text not null,
  unique (name, place)
) strict;

create table seal_position (
  id integer primary key,
  machine_id integer not null references machine (id),
  name text not null,
  shaft_mm real,
  bore_mm real,
  medium text not null,
  dirt text not null,
  rotation text,
  speed_rpm real,
  created_at text not null,
  unique (machine_id, name)
) strict;

create table job (
  id integer primary key,
  number text not null unique,
  position_id integer not null references seal_position (id),
  opened_by integer not null references person (id),
  opened_at text not null,
  state text not null default 'OPEN' check (state in ('OPEN', 'SIGNED', 'WITHDRAWN')),
  withdrawn_why text,
  check ((state = 'WITHDRAWN') = (withdrawn_why is not null))
) strict;
create index job_by_position on job (position_id);

create table sheet_revision (
  id integer primary key,
  job_id integer not null references job (id),
  stage text not null,
  revision integer not null,
  texts text not null,
  schema_version integer not null,
  verdict text not null,
  person_id integer not null references person (id),
  kept_at text not null,
  unique (job_id, stage, revision)
) strict;

create table draft (
  job_id integer not null references job (id),
  stage text not null,
  tab text not null,
  seq integer not null,
  aside integer not null default 0,
  texts text not null,
  verdict text not null,
  person_id integer not null references person (id),
  saved_at text not null,
  primary key (job_id, stage, tab)
) strict;

create table step_done (
  id integer primary key,
  job_id integer not null references job (id),
  step text not null,
  person_id integer not null references person (id),
  done_at text not null,
  skipped_why text,
  unique (job_id, step)
) strict;

create table signature (
  job_id integer primary key references job (id),
  snapshot text not null,
  sha256 text not null,
  person_id integer not null references person (id),
  signed_at text not null
) strict;

create table addendum (
  id integer primary key,
  job_id integer not null references job (id),
  text text not null,
  person_id integer not null references person (id),
  written_at text not null
) strict;

-- Nothing that was kept is ever changed or taken away.
create trigger sheet_revision_stays before update on sheet_revision begin select raise(abort, 'a kept revision stays as it is'); end;
create trigger sheet_revision_remains before delete on sheet_revision begin select raise(abort, 'a kept revision is never deleted'); end;
create trigger signature_stays before update on signature begin select raise(abort, 'a signature stays as it is'); end;
create trigger signature_remains before delete on signature begin select raise(abort, 'a signature is never deleted'); end;
