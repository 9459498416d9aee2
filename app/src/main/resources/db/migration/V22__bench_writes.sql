-- What a move on a job's section wrote on its sheets: texts before and since; absent: the section was of nobody's job, or
-- the move is older and the section counts as it stands.
alter table section_move add column wrote text;
