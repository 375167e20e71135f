-- Clients of their own; a case is one visit of a client, kept as the document the screens edit, with the columns that lists
-- and searches need beside it.
create table client (
    id integer primary key,
    name text not null check (length(name) between 1 and 80),
    note text not null default '',
    changed_at text not null
);

-- Words of name and note, to search by; the rowid is the client's number.
create virtual table client_words using fts5(name, note, tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3');
-- What is erased leaves nothing in the index either (sqlite.org, FTS5, 6.2).
insert into client_words (client_words, rank) values ('secure-delete', 1);

create table visit (
    id integer primary key,
    version integer not null,
    client_id integer not null references client (id) on delete cascade,
    day text not null,
    start_time text not null,
    minutes integer not null,
    chair text not null,
    status text not null,
    wish_level real not null,
    wish_tone text not null,
    patch_to_read text,
    upkeep_due text,
    content_version integer not null,
    content text not null,
    changed_at text not null
);
create index visit_by_day on visit (day desc, start_time, id);
create index visit_by_client on visit (client_id, day desc, id desc);
create index visit_patch on visit (patch_to_read) where patch_to_read is not null;
create index visit_upkeep on visit (upkeep_due) where upkeep_due is not null;

create table photo (
    id integer primary key,
    visit_id integer not null references visit (id) on delete cascade,
    words text not null,
    width integer not null,
    height integer not null,
    taken_in_at text not null,
    jpeg blob not null,
    small_jpeg blob not null
);
create index photo_by_visit on photo (visit_id);

create table house (
    only_one integer primary key check (only_one = 1),
    content text not null
);

create table stock (
    id integer primary key,
    name text not null check (length(name) between 1 and 80),
    grams real not null check (grams >= 0),
    low_grams real not null check (low_grams >= 0)
);

-- The cases there are: one client for each name.
insert into client (name, changed_at) select client_name, max(changed_at) from head_case group by client_name;
insert into client_words (rowid, name, note) select id, name, note from client;
insert into visit (id, version, client_id, day, start_time, minutes, chair, status, wish_level, wish_tone,
                   content_version, content, changed_at)
select c.id, c.version, (select k.id from client k where k.name = c.client_name), c.day, c.start_time, 240, '', 'BOOKED',
       c.wish_level, c.wish_tone, 1,
       json_object(
           'clientName', c.client_name, 'date', c.day, 'startTime', c.start_time, 'density', c.density,
           'thickness', c.thickness, 'wish', json_object('level', c.wish_level, 'tone', c.wish_tone),
           'school', c.school,
           'zones', (select json_group_array(json_object(
                                'place', z.place,
                                'bands', (select json_group_array(json_object(
                                                     'fromCm', b.from_cm, 'toCm', b.to_cm, 'kind', b.kind,
                                                     'level', b.level, 'tone', b.tone, 'porosity', b.porosity,
                                                     'greyShare', b.grey_share))
                                            from (select * from band where case_id = z.case_id
                                                     and zone_position = z.position order by position) b)))
                       from (select * from zone where case_id = c.id order by position) z)),
       c.changed_at
  from head_case c;
drop table band;
drop table zone;
drop table head_case;
