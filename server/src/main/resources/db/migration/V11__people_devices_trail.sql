-- Whether people say who they are, and whether the house's network is let in.
create table access (
  only_one integer primary key check (only_one = 1),
  people integer not null default 0,
  network integer not null default 0
);
insert into access (only_one) values (1);

-- Who works here. A number never returns, and who has left stays by name in what was done.
create table person (
  id integer primary key autoincrement,
  name text not null,
  role text not null,
  pin text not null,
  -- '': as the salon
  language text not null,
  left_at text
);

-- What may be worked with beside the main machine; the token only as its digest.
create table device (
  id integer primary key autoincrement,
  name text not null,
  token text not null unique,
  paired_at text not null,
  seen_at text not null,
  removed_at text
);

-- Who works at which screen now; device 0 is the main machine.
create table sitting (
  token text primary key,
  person_id integer not null references person (id),
  device_id integer not null,
  since text not null
);

-- Who saw, changed, took along or erased what, and when. Only ever added to.
create table trail (
  id integer primary key autoincrement,
  at text not null,
  person_id integer,
  device_id integer not null,
  kind text not null,
  operation text not null,
  client_id integer,
  visit_id integer
);
create index trail_of_client on trail (client_id, id);
create trigger trail_is_not_changed before update on trail
  begin select raise(abort, 'the trail is only added to'); end;
create trigger trail_is_not_erased before delete on trail
  begin select raise(abort, 'the trail is only added to'); end;
