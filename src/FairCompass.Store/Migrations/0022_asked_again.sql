-- Whether a rep was asked for again since its line had been seen off: said in learning, beside its truth.
alter table training_rep add column again boolean not null default false;
