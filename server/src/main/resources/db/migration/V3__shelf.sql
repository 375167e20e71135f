-- The shelf: ranges with their products, what there is of each, and every gram that came or went.
create table product_range (
    id integer primary key,
    name text not null unique check (length(name) between 1 and 40),
    position integer not null,
    in_use integer not null check (in_use in (0, 1))
);

create table product (
    id integer primary key,
    version integer not null default 1,
    range_id integer not null references product_range (id) on delete cascade,
    position integer not null,
    code text not null unique,
    kind text not null,
    name text not null,
    -- Of a shade: what it was derived to hold when it was taken in, so that opening the shelf derives nothing again.
    shade_class text,
    level real,
    tone text not null,
    shade_tone text,
    yellow real,
    red real,
    blue real,
    misfit real,
    volume real not null,
    ratio real not null,
    minutes real not null,
    pack_grams real not null,
    pack_price real not null,
    counted integer not null check (counted in (0, 1)),
    packs integer not null check (packs >= 0),
    low_grams real not null check (low_grams >= 0)
);
create index product_by_range on product (range_id, position);

create table opened_pack (
    id integer primary key,
    product_id integer not null references product (id) on delete cascade,
    grams real not null check (grams >= 0)
);
create index opened_pack_by_product on opened_pack (product_id);

-- A bowl from the first weight on: what was planned then stays, whatever is planned anew.
create table mixed_bowl (
    id integer primary key,
    visit_id integer not null references visit (id) on delete cascade,
    key text not null,
    title text not null,
    card text not null,
    need_grams real not null,
    begun_at text not null,
    done_at text,
    left_grams real,
    unique (visit_id, key)
);

-- Every weight as it was taken; a slip is taken back by a line of its own.
create table weighing (
    id integer primary key,
    bowl_id integer not null references mixed_bowl (id) on delete cascade,
    line integer not null,
    grams real not null,
    source text not null,
    at text not null
);
create index weighing_by_bowl on weighing (bowl_id, id);

create table stock_move (
    id integer primary key,
    at text not null,
    product_code text not null,
    grams real not null,
    why text not null,
    weighing_id integer references weighing (id) on delete set null
);
create index stock_move_by_product on stock_move (product_code, id desc);

-- How long tasks really took.
create table task_took (
    visit_id integer not null references visit (id) on delete cascade,
    key text not null,
    kind text not null,
    planned_minutes real not null,
    took_minutes integer not null,
    at text not null,
    primary key (visit_id, key)
) without rowid;

-- What was listed by hand before.
insert into product_range (name, position, in_use)
select 'Listed by hand', 1, 1 where exists (select 1 from stock);
insert into product (range_id, position, code, kind, name, tone, volume, ratio, minutes, pack_grams, pack_price, counted,
                     packs, low_grams)
select (select id from product_range), s.id, 'listed-' || s.id, 'OTHER', s.name, '', 0, 0, 1,
       max(1, min(20000, s.grams)), 0, 1, 0, s.low_grams
  from stock s;
insert into opened_pack (product_id, grams)
select p.id, min(20000, s.grams) from stock s join product p on p.code = 'listed-' || s.id where s.grams > 0;
drop table stock;
