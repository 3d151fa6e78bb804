-- Who did it: an account or a link. No reference, since these rows outlive people; a name is looked up where it is shown.
alter table workout_revision add by_account uuid, add by_link uuid;
alter table competition_revision add by_account uuid, add by_link uuid;
alter table published add by_account uuid, add by_link uuid;
alter table answer add by_account uuid, add by_link uuid;
alter table ruling add by_account uuid, add by_link uuid;
alter table measurement add by_account uuid, add by_link uuid;

create trigger answer_never_changed before update or delete on answer for each row execute function never_changed();
