-- A shop is known by a name of its own that no other has; what came from another keeps where from, and its number there.
insert into works_setting (name, value) values ('shop', lower(hex(randomblob(16))));
alter table job add column shop text;
alter table job add column shop_number text;
create unique index job_of_shop on job (shop, shop_number) where shop is not null;
