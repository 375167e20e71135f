-- Numbers that were given once are never given again: who still holds one of something erased finds nothing, and no stranger.
create table given_number (
    kind text primary key,
    last integer not null
) without rowid;
insert into given_number (kind, last) select 'client', coalesce(max(id), 0) from client;
insert into given_number (kind, last) select 'visit', coalesce(max(id), 0) from visit;
insert into given_number (kind, last) select 'photo', coalesce(max(id), 0) from photo;

-- What two people may edit has a version that nothing else ever had.
alter table client add column version integer not null default 1;
alter table house add column version integer not null default 1;
update client set version = random() & 4503599627370495;
update house set version = random() & 4503599627370495;
update visit set version = random() & 4503599627370495;

-- What was told once under a key is not done again: a press that was sent twice, a pour two screens saw on one scale.
create table told_once (
    key text primary key,
    result integer not null,
    at text not null
) without rowid;
create index told_once_by_time on told_once (at);

-- What a weighing really took off the shelf: taken back, that much comes back and no more.
alter table weighing add column moved_grams real;
update weighing set moved_grams = (select -m.grams from stock_move m where m.weighing_id = weighing.id);

-- Instants are compared as text, so all of them have one width.
update client set changed_at = case when instr(changed_at, '.') = 0 then replace(changed_at, 'Z', '.000000Z')
    else substr(rtrim(changed_at, 'Z') || '000000', 1, 26) || 'Z' end;
update visit set changed_at = case when instr(changed_at, '.') = 0 then replace(changed_at, 'Z', '.000000Z')
    else substr(rtrim(changed_at, 'Z') || '000000', 1, 26) || 'Z' end;
update photo set taken_in_at = case when instr(taken_in_at, '.') = 0 then replace(taken_in_at, 'Z', '.000000Z')
    else substr(rtrim(taken_in_at, 'Z') || '000000', 1, 26) || 'Z' end;
update mixed_bowl set begun_at = case when instr(begun_at, '.') = 0 then replace(begun_at, 'Z', '.000000Z')
    else substr(rtrim(begun_at, 'Z') || '000000', 1, 26) || 'Z' end;
update mixed_bowl set done_at = case when instr(done_at, '.') = 0 then replace(done_at, 'Z', '.000000Z')
    else substr(rtrim(done_at, 'Z') || '000000', 1, 26) || 'Z' end where done_at is not null;
update weighing set at = case when instr(at, '.') = 0 then replace(at, 'Z', '.000000Z')
    else substr(rtrim(at, 'Z') || '000000', 1, 26) || 'Z' end;
update stock_move set at = case when instr(at, '.') = 0 then replace(at, 'Z', '.000000Z')
    else substr(rtrim(at, 'Z') || '000000', 1, 26) || 'Z' end;
update task_took set at = case when instr(at, '.') = 0 then replace(at, 'Z', '.000000Z')
    else substr(rtrim(at, 'Z') || '000000', 1, 26) || 'Z' end;
update learned set at = case when instr(at, '.') = 0 then replace(at, 'Z', '.000000Z')
    else substr(rtrim(at, 'Z') || '000000', 1, 26) || 'Z' end;
update forgotten set at = case when instr(at, '.') = 0 then replace(at, 'Z', '.000000Z')
    else substr(rtrim(at, 'Z') || '000000', 1, 26) || 'Z' end;
drop trigger job_entry_stays;
update job_entry set at = case when instr(at, '.') = 0 then replace(at, 'Z', '.000000Z')
    else substr(rtrim(at, 'Z') || '000000', 1, 26) || 'Z' end;
create trigger job_entry_stays before update on job_entry
begin
    select raise(abort, 'what happened is not changed; a correction is an entry of its own');
end;
create index job_entry_by_time on job_entry (at);
