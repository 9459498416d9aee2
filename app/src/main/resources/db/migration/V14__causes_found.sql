-- the causes that were stated for signed jobs are found by their words
insert into found_row (kind, ref) select 'CAUSE', job_id || ' ' || cause from position_cause where true on conflict do nothing;
insert into found (rowid, kind, place, words)
  select f.id, 'CAUSE', j.number, 'cause ' || lower(replace(c.cause, '_', ' ')) || ' ' || m.name || ' ' || p.name
  from position_cause c join found_row f on f.kind = 'CAUSE' and f.ref = c.job_id || ' ' || c.cause
  join job j on j.id = c.job_id join seal_position p on p.id = j.position_id join machine m on m.id = p.machine_id;
