-- A job is listed by what stands against it now, not by the worst that one of its sheets ever found.
alter table sheet_revision add column judged text;
alter table draft add column judged text;
drop trigger sheet_judged;
drop trigger draft_judged;
drop trigger draft_judged_again;
create trigger sheet_judged after insert on sheet_revision begin
  update job set stands_at = (select s.next from sheet_revision r join stage s on s.name = r.stage where r.job_id = new.job_id order by s.number desc limit 1),
    verdict = coalesce(new.judged, verdict) where id = new.job_id;
end;
create trigger draft_judged after insert on draft when new.aside = 0 begin
  update job set verdict = coalesce(new.judged, verdict) where id = new.job_id;
end;
create trigger draft_judged_again after update on draft when new.aside = 0 and (new.judged is not old.judged or old.aside <> 0) begin
  update job set verdict = coalesce(new.judged, verdict) where id = new.job_id;
end;
-- what was signed is listed by what its card says
update job set verdict = (
    select json_extract(f.value, '$.status') from signature g, json_each(g.snapshot, '$.findings') f where g.job_id = job.id
    order by instr('FAIL REMEASURE MISSING CAUTION PASS', json_extract(f.value, '$.status')) limit 1)
  where state = 'SIGNED' and exists (select 1 from signature g, json_each(g.snapshot, '$.findings') f where g.job_id = job.id);
