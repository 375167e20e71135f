-- By whom a bowl was weighed, as every entry of a job says by whom.
alter table weighing add column hand text not null default '';

-- What a visit has taught of its client's hair, apart from all others, so that one can be taken back.
create table learned (
    visit_id integer primary key references visit (id) on delete cascade,
    evidence text not null,
    at text not null
);

-- From when on it is learned anew: what was learned before does not count. key: house, or client:NUMBER.
create table forgotten (
    key text primary key,
    at text not null
) without rowid;

-- What a client should come again for.
create table upkeep (
    visit_id integer not null references visit (id) on delete cascade,
    kind text not null,
    due_from text not null,
    due_to text not null,
    why text not null,
    warning text not null,
    primary key (visit_id, kind)
) without rowid;
create index upkeep_by_day on upkeep (due_from);

-- Past work by what one would look for it by.
create table past_work (
    visit_id integer primary key references visit (id) on delete cascade,
    canvas_from real not null,
    canvas_to real not null,
    wish_level real not null,
    wish_words text not null,
    school text not null,
    porosity text not null,
    shades text not null,
    error real,
    distance real,
    uneven real,
    bands_read integer not null,
    worked text not null,
    also_worked text not null,
    to_change text not null
);
create index past_work_by_wish on past_work (wish_level, canvas_to);
create virtual table past_words using fts5(words, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3');
insert into past_words (past_words, rank) values ('secure-delete', 1);
create trigger past_work_gone after delete on past_work
begin
    delete from past_words where rowid = old.visit_id;
end;
