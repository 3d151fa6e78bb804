-- The ids of a draft's lines, beside its text: what hangs on a line follows it. Null until a draft of before is saved again.
alter table workout add column lines jsonb;

-- Which line of the draft a ruling is, so that it is found again after a rewording.
alter table ruling add column line integer check (line > 0);
