-- An account that its owner has removed: what it did stays, under no name. Its row stays, because what is stored names it.
alter table account add removed timestamptz;
