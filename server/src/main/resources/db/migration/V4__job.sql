-- What happens at the chair: one line after another, none of them ever changed.
create table job_entry (
    visit_id integer not null references visit (id) on delete cascade,
    number integer not null,
    at text not null,
    hand text not null,
    kind text not null,
    body text not null,
    primary key (visit_id, number)
) without rowid;

create trigger job_entry_stays before update on job_entry
begin
    select raise(abort, 'what happened is not changed; a correction is an entry of its own');
end;
