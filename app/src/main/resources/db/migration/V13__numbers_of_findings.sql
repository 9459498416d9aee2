-- A finding keeps its number while its job lives: what has had one, in the order in which it came up.
alter table job add column numbered text not null default '';
alter table sheet_revision add column numbered text;
alter table draft add column numbered text;
create trigger sheet_numbered after insert on sheet_revision when new.numbered is not null begin
  update job set numbered = new.numbered where id = new.job_id;
end;
create trigger draft_numbered after insert on draft when new.numbered is not null begin
  update job set numbered = new.numbered where id = new.job_id;
end;
create trigger draft_numbered_again after update on draft when new.numbered is not null begin
  update job set numbered = new.numbered where id = new.job_id;
end;
-- Kinds of what came off at the last job that was signed here, in their order, as they were when this one was opened.
alter table job add column last_off text not null default '';
