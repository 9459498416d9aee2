-- The width of the seal that belongs at a position, beside shaft and bore.
alter table seal_position add column width_mm real;
-- Which gauges a person used last.
create index revision_by_person on sheet_revision (person_id, stage, id);
