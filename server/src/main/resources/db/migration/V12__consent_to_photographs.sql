-- The day a client agreed that photographs are kept; '': has not, or does no longer.
alter table client add column photo_consent text not null default '';
