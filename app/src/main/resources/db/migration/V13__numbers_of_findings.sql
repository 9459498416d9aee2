-- A finding keeps its number while its job lives: what has had one, in the order in which it came up.
alter table job add column numbered text not null default '';
