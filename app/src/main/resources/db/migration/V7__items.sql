-- items of a job have names, and can be taken out of it with a reason; what was typed of them stays
alter table job_item add column label text not null default '';
alter table job_item add column withdrawn_why text;
create unique index item_by_label on job_item (job_id, label collate nocase) where label <> '' and withdrawn_why is null;

-- a life is one of an item's
create table seal_life_of_item (
  job_id integer not null references job (id),
  item integer not null check (item >= 1),
  position_id integer not null references seal_position (id),
  seal text not null,
  size text not null,
  material text,
  fitted_at text not null,
  hours_of_last real,
  reason_of_last text not null,
  primary key (job_id, item)
) strict;
insert into seal_life_of_item select job_id, 1, position_id, seal, size, material, fitted_at, hours_of_last, reason_of_last from seal_life;
drop table seal_life;
alter table seal_life_of_item rename to seal_life;
create index life_by_position on seal_life (position_id, item, fitted_at);

-- lives that have ended, added up for each kind of seal
create table seal_mean (
  seal text primary key,
  ended integer not null,
  days real not null,
  with_hours integer not null,
  hours real not null
) strict;
insert into seal_mean
  select seal, count(*), sum(days), count(hours), coalesce(sum(hours), 0) from (
    select seal, cast(julianday(lead(fitted_at) over lives) - julianday(fitted_at) + 0.000001 as integer) as days, lead(hours_of_last) over lives as hours
    from seal_life window lives as (partition by position_id, item order by fitted_at, job_id))
  where days is not null group by seal;

-- where a job stands, the worst that was found, its machine: kept with it, so that lists need not look for them
create table stage (
  name text primary key,
  number integer not null,
  next text not null
) strict;
insert into stage (name, number, next) values
  ('INTAKE', 1, 'STRIP'), ('STRIP', 2, 'MEASURE'), ('MEASURE', 3, 'DECIDE'), ('DECIDE', 4, 'FIT'),
  ('FIT', 5, 'SET'), ('SET', 6, 'PROVE'), ('PROVE', 7, 'SIGN'), ('SIGN', 8, 'SIGN');

alter table job add column machine_id integer references machine (id);
alter table job add column stands_at text not null default 'INTAKE';
alter table job add column verdict text;
update job set machine_id = (select machine_id from seal_position where id = position_id);

create view job_verdict as
  select job_id, verdict, row_number() over (partition by job_id order by instr('FAIL REMEASURE MISSING CAUTION PASS', verdict)) as place from (
    select r.job_id, r.verdict from sheet_revision r
    where r.stage <> 'SIGN' and r.revision = (select max(x.revision) from sheet_revision x where x.job_id = r.job_id and x.stage = r.stage)
    union all
    select d.job_id, d.verdict from draft d where d.stage <> 'SIGN' and d.aside = 0
      and not exists (select 1 from sheet_revision r where r.job_id = d.job_id and r.stage = d.stage and r.kept_at >= d.saved_at));
update job set
  verdict = (select v.verdict from job_verdict v where v.job_id = job.id and v.place = 1),
  stands_at = coalesce((select s.next from sheet_revision r join stage s on s.name = r.stage where r.job_id = job.id order by s.number desc limit 1), 'INTAKE');
drop view job_verdict;

create trigger sheet_judged after insert on sheet_revision begin
  update job set stands_at = (select s.next from sheet_revision r join stage s on s.name = r.stage where r.job_id = new.job_id order by s.number desc limit 1) where id = new.job_id;
  update job set verdict = (select verdict from (
      select r.verdict from sheet_revision r where r.job_id = new.job_id and r.stage <> 'SIGN'
        and r.revision = (select max(x.revision) from sheet_revision x where x.job_id = r.job_id and x.stage = r.stage)
      union all
      select d.verdict from draft d where d.job_id = new.job_id and d.stage <> 'SIGN' and d.aside = 0
        and not exists (select 1 from sheet_revision r where r.job_id = d.job_id and r.stage = d.stage and r.kept_at >= d.saved_at))
    order by instr('FAIL REMEASURE MISSING CAUTION PASS', verdict) limit 1) where id = new.job_id;
end;
create trigger draft_judged after insert on draft begin
  update job set verdict = (select verdict from (
      select r.verdict from sheet_revision r where r.job_id = new.job_id and r.stage <> 'SIGN'
        and r.revision = (select max(x.revision) from sheet_revision x where x.job_id = r.job_id and x.stage = r.stage)
      union all
      select d.verdict from draft d where d.job_id = new.job_id and d.stage <> 'SIGN' and d.aside = 0
        and not exists (select 1 from sheet_revision r where r.job_id = d.job_id and r.stage = d.stage and r.kept_at >= d.saved_at))
    order by instr('FAIL REMEASURE MISSING CAUTION PASS', verdict) limit 1) where id = new.job_id;
end;
create trigger draft_judged_again after update on draft when new.verdict <> old.verdict or new.aside <> old.aside begin
  update job set verdict = (select verdict from (
      select r.verdict from sheet_revision r where r.job_id = new.job_id and r.stage <> 'SIGN'
        and r.revision = (select max(x.revision) from sheet_revision x where x.job_id = r.job_id and x.stage = r.stage)
      union all
      select d.verdict from draft d where d.job_id = new.job_id and d.stage <> 'SIGN' and d.aside = 0
        and not exists (select 1 from sheet_revision r where r.job_id = d.job_id and r.stage = d.stage and r.kept_at >= d.saved_at))
    order by instr('FAIL REMEASURE MISSING CAUTION PASS', verdict) limit 1) where id = new.job_id;
end;

drop index job_by_position;
create index job_by_position on job (position_id, opened_at desc, id desc);
create index job_by_machine on job (machine_id, opened_at desc, id desc);
create index job_by_state on job (state, opened_at desc, id desc);
drop index fitted_by_position;
create index fitted_by_position on fitted_section (position_id, fitted_at desc, id desc);

-- how often each cause was found at a position
create table cause_count (
  position_id integer not null references seal_position (id),
  cause text not null,
  times integer not null,
  primary key (position_id, cause)
) strict;
insert into cause_count select position_id, cause, count(*) from position_cause group by position_id, cause;
create trigger cause_counted after insert on position_cause begin
  insert into cause_count (position_id, cause, times) values (new.position_id, new.cause, 1) on conflict do update set times = times + 1;
end;

-- a concession stands until a later job is signed at its position
alter table concession add column overtaken integer not null default 0;
update concession set overtaken = exists (select 1 from seal_life l where l.position_id = concession.position_id and l.job_id > concession.job_id);
create index concession_by_look on concession (overtaken, next_look);
create trigger concession_overtaken after insert on seal_life begin
  update concession set overtaken = 1 where position_id = new.position_id and job_id < new.job_id;
end;

-- what lies in a lot is kept with it
alter table lot add column on_hand integer not null default 0;
update lot set on_hand = coalesce((select sum(m.change) from lot_movement m where m.lot_id = lot.id), 0);
create trigger lot_moved after insert on lot_movement begin
  update lot set on_hand = on_hand + new.change where id = new.lot_id;
end;
create index lot_by_batch on lot (batch);

-- words to find everything by: one row a thing, replaced by its newest words
drop trigger machine_found;
drop trigger position_found;
drop trigger position_found_again;
drop trigger job_found;
drop trigger sheet_found;
drop trigger note_found;
drop trigger lot_found;
drop trigger strip_found;
drop trigger part_found;
drop trigger addendum_found;
drop table found;

create table found_row (
  id integer primary key,
  kind text not null,
  ref text not null,
  unique (kind, ref)
) strict;
create virtual table found using fts5 (kind unindexed, place unindexed, words, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');
-- machines, positions, notes there and lots: few beside what is written in jobs
create virtual table found_thing using fts5 (kind unindexed, place unindexed, words, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');

create view words_of_machine as
  select 'MACHINE' as kind, id as ref, id as place, name || ' ' || place || ' ' || note as words from machine;
create view words_of_position as
  select 'POSITION' as kind, p.id as ref, p.id as place, m.name || ' ' || p.name || ' ' || coalesce(printf('%g', p.shaft_mm), '') || ' ' || coalesce(printf('%g', p.bore_mm), '') || ' ' || p.medium || ' ' || p.dirt || ' ' || p.kind || ' ' || p.note as words
  from seal_position p join machine m on m.id = p.machine_id;
create view words_of_job as
  select 'JOB' as kind, j.id as ref, j.number as place, j.number || ' ' || p.name || ' ' || m.name as words
  from job j join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
create view words_of_sheet as
  select 'SHEET' as kind, r.job_id || ' ' || r.stage as ref, j.number as place, r.job_id, r.stage, r.revision,
    (select coalesce(group_concat(json_extract(e.value, '$.text'), ' '), '') from json_each(r.texts) e) || ' ' || m.name || ' ' || p.name as words
  from sheet_revision r join job j on j.id = r.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
create view words_of_note as
  select 'NOTE' as kind, id as ref, position_id as place, text as words from position_note;
create view words_of_lot as
  select 'LOT' as kind, id as ref, id as place, name || ' ' || size || ' ' || replace(size, 'x', ' ') || ' ' || coalesce(material, '') || ' ' || batch || ' ' || place || ' ' || source as words from lot;
create view words_of_strip as
  select 'STRIP' as kind, n.part_id as ref, j.number as place, n.id, s.name || ' ' || (select coalesce(group_concat(e.value, ' '), '') from json_each(n.texts) e) || ' ' || m.name || ' ' || p.name as words
  from strip_note n join strip_part s on s.id = n.part_id join job j on j.id = s.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
create view words_of_part as
  select 'PART' as kind, e.job_id || ' ' || e.part as ref, j.number as place, e.id, e.part || ' ' || coalesce((select l.batch from lot l where l.id = e.lot_id), '') || ' ' || e.reason || ' ' || e.follow_up || ' ' || m.name || ' ' || p.name as words
  from part_entry e join job j on j.id = e.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
create view words_of_addendum as
  select 'ADDENDUM' as kind, a.id as ref, j.number as place, a.text || ' ' || m.name || ' ' || p.name as words
  from addendum a join job j on j.id = a.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;

create table words_now (kind text not null, ref text not null, place text not null, words text not null) strict;
insert into words_now select kind, ref, place, words from words_of_machine;
insert into words_now select kind, ref, place, words from words_of_position;
insert into words_now select kind, ref, place, words from words_of_lot;
insert into words_now select kind, ref, place, words from words_of_job;
insert into words_now select kind, ref, place, words from words_of_sheet w where w.revision = (select max(x.revision) from sheet_revision x where x.job_id = w.job_id and x.stage = w.stage);
insert into words_now select kind, ref, place, words from words_of_note;
insert into words_now select kind, ref, place, words from words_of_strip w where w.id = (select max(x.id) from strip_note x where x.part_id = w.ref);
insert into words_now select kind, ref, place, words from words_of_part w where w.id in (select max(x.id) from part_entry x group by x.job_id, x.part);
insert into words_now select kind, ref, place, words from words_of_addendum;
insert into found_row (kind, ref) select kind, ref from words_now;
insert into found_thing (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_now w join found_row f on f.kind = w.kind and f.ref = w.ref where w.kind in ('MACHINE', 'POSITION', 'NOTE', 'LOT');
insert into found (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_now w join found_row f on f.kind = w.kind and f.ref = w.ref where w.kind not in ('MACHINE', 'POSITION', 'NOTE', 'LOT');
drop table words_now;

create trigger machine_found after insert on machine begin
  insert into found_row (kind, ref) values ('MACHINE', new.id) on conflict do nothing;
  insert or replace into found_thing (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_machine w join found_row f on f.kind = 'MACHINE' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
create trigger position_found after insert on seal_position begin
  insert into found_row (kind, ref) values ('POSITION', new.id) on conflict do nothing;
  insert or replace into found_thing (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_position w join found_row f on f.kind = 'POSITION' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
create trigger position_found_again after update on seal_position begin
  insert or replace into found_thing (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_position w join found_row f on f.kind = 'POSITION' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
create trigger job_found after insert on job begin
  insert into found_row (kind, ref) values ('JOB', new.id) on conflict do nothing;
  insert or replace into found (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_job w join found_row f on f.kind = 'JOB' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
create trigger sheet_found after insert on sheet_revision begin
  insert into found_row (kind, ref) values ('SHEET', new.job_id || ' ' || new.stage) on conflict do nothing;
  insert or replace into found (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_sheet w join found_row f on f.kind = 'SHEET' and f.ref = new.job_id || ' ' || new.stage
    where w.job_id = new.job_id and w.stage = new.stage and w.revision = new.revision;
end;
create trigger note_found after insert on position_note begin
  insert into found_row (kind, ref) values ('NOTE', new.id) on conflict do nothing;
  insert or replace into found_thing (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_note w join found_row f on f.kind = 'NOTE' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
create trigger lot_found after insert on lot begin
  insert into found_row (kind, ref) values ('LOT', new.id) on conflict do nothing;
  insert or replace into found_thing (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_lot w join found_row f on f.kind = 'LOT' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
create trigger strip_found after insert on strip_note begin
  insert into found_row (kind, ref) values ('STRIP', new.part_id) on conflict do nothing;
  insert or replace into found (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_strip w join found_row f on f.kind = 'STRIP' and f.ref = cast(new.part_id as text) where w.id = new.id;
end;
create trigger part_found after insert on part_entry begin
  insert into found_row (kind, ref) values ('PART', new.job_id || ' ' || new.part) on conflict do nothing;
  insert or replace into found (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_part w join found_row f on f.kind = 'PART' and f.ref = new.job_id || ' ' || new.part where w.id = new.id;
end;
create trigger addendum_found after insert on addendum begin
  insert into found_row (kind, ref) values ('ADDENDUM', new.id) on conflict do nothing;
  insert or replace into found (rowid, kind, place, words) select f.id, w.kind, w.place, w.words from words_of_addendum w join found_row f on f.kind = 'ADDENDUM' and f.ref = cast(new.id as text) where w.ref = new.id;
end;
