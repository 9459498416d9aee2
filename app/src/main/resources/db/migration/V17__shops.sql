-- A shop is known by a name of its own that no other has; what came from another keeps where from, and its number there.
insert into works_setting (name, value) values ('shop', lower(hex(randomblob(16))));
alter table job add column shop text;
alter table job add column shop_number text;
create unique index job_of_shop on job (shop, shop_number) where shop is not null;
-- rows of a job are found by their job
create index addendum_by_job on addendum (job_id);
create index note_by_job on position_note (job_id);
create index recommendation_by_job on recommendation (job_id);
create index attachment_by_job on attachment (job_id) where job_id is not null;
