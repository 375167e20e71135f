-- A case: one client's head on one day, what was read on it and what is wished for.
create table head_case (
    id integer primary key,
    version integer not null,
    client_name text not null check (length(client_name) between 1 and 80),
    day text not null,
    start_time text not null,
    density text not null,
    thickness text not null,
    wish_level real not null check (wish_level between 1 and 12),
    wish_tone text not null,
    school text not null,
    changed_at text not null
);

create index head_case_by_day on head_case (day desc, id desc);

create table zone (
    case_id integer not null references head_case (id) on delete cascade,
    position integer not null,
    place text not null,
    primary key (case_id, position),
    unique (case_id, place)
) without rowid;

create table band (
    case_id integer not null,
    zone_position integer not null,
    position integer not null,
    from_cm real not null check (from_cm >= 0),
    to_cm real not null check (to_cm > from_cm),
    kind text not null,
    level real not null check (level between 1 and 12),
    tone text not null,
    porosity text not null,
    grey_share real not null check (grey_share between 0 and 1),
    primary key (case_id, zone_position, position),
    foreign key (case_id, zone_position) references zone (case_id, position) on delete cascade
) without rowid;
