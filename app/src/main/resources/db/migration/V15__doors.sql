-- Refused tries are counted by who calls, not kept with a person: a stranger cannot keep somebody out.
alter table person drop column failures;
alter table person drop column locked_until;
-- A token can be ended by its owner.
alter table api_token add column ended_at text;
