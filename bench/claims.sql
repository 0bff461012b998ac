-- Fills an empty store with 200,000 claims: 4,000 open ones over 40 caseworkers, the rest decided.
insert into account (id, email, display_name, role, password_hash, created_at)
select gen_random_uuid(), 'load' || i || '@halvern.example', 'Load ' || i, 'CASEWORKER', '{noop}-', now() from generate_series(1, 39) i;
insert into account (id, email, display_name, role, password_hash, created_at)
select gen_random_uuid(), 'household' || i || '@post.example', 'Household ' || i, 'APPLICANT', '{noop}-', now() from generate_series(1, 200000) i;

create temp table staff as select id, row_number() over (order by email) - 1 as n from account where role = 'CASEWORKER';
create temp table word as select array[
  'runa','torvald','thora','solveig','amaro','ylva','duarte','eydis','hakon','marisol','odinn','filipa','sigrun','caetano','asta','leif','benedita','jorunn','ivo','livia','nils','maren','tome','embla'] as given,
  array['ostby','ferreira','lund','thorsdal','nwosu','eide','halvorsen','brandao','solheim','klokk','ibanez','moe','vestergaard','silva','tavares','grimsby','reyes','akerdal','quental','stroem','lindqvarn','vaz','holm','eikrem',
  'moellerup','nordal','bjarkan','teixeira','dahl','fjeldmo','amundar','rosvik','cordeiro','hvalsund','nybraten','peixoto','rein','skarvoy'] as family;

insert into claim (id, number, programme, season, applicant_id, household_name, search_text, state, received_at, received_on, due_by, decide_by, owner_id, stack,
  next_step, next_action, edition, closed, decided_at, version)
select gen_random_uuid(), 'SM-25-' || lpad(i::text, greatest(5, length(i::text)), '0'), 'school-meals', '2025/26', a.id, initcap(f), g || ' ' || f || ' ' || w.family[1 + (i / 7) % 38] || ' ' || w.given[1 + (i / 3) % 24],
  case when i % 50 = 0 then (array['READY','IN_REVIEW','IN_REVIEW'])[1 + (i / 50) % 3] else 'DECIDED' end,
  now() - (i % 400) * interval '1 day', current_date - i % 400, current_date - i % 400 + 14 + case when i % 50 = 0 then i % 400 else 0 end,
  current_date - i % 400 + 14 + case when i % 50 = 0 then i % 400 else 0 end,
  case when i % 250 = 0 then null else s.id end,
  case when i % 50 = 0 then (array['READY','CAME_BACK','NEW'])[1 + (i / 50) % 3] end,
  '{"say":"next.ready","with":[{"several":[{"word":"outcome.FREE","of":"school-meals"}],"between":", "},{"word":"subjects.other","of":"school-meals","with":{"count":2}},{"word":"basis.INCOME","of":"school-meals"}]}', 'OPEN', 1, false, case when i % 50 = 0 then null else now() - (i % 380) * interval '1 day' end, 0
from (select id, row_number() over (order by id)::int as i from account where email like 'household%') a
  cross join word w
  join staff s on s.n = a.i % (select count(*)::int from staff)
  cross join lateral (select w.given[1 + a.i % 24] as g, w.family[1 + (a.i * 17) % 38] || case when a.i % 4 = 0 then ' ' || w.family[1 + (a.i * 5) % 38] else '' end as f) n;
insert into claim_person (claim_id, member, name, born)
select id, 'm1', upper(search_text), date '1950-01-01' + (row_number() over (order by id))::int % 20000 from claim where number like 'SM-25-%';

-- One claim as large as they come: nine people, thirty papers, sixty lines of history.
create temp table large as
select c.id, c.edition from claim c join account a on a.id = c.owner_id
where c.programme = 'food-assistance' and a.email = 'asa.mikkel@halvern.example' and c.state in ('IN_REVIEW', 'READY') order by c.number limit 1;
update claim set household_name = 'Ninefold' where id = (select id from large);
update edition e set case_file = jsonb_set(case_file, '{members}', (case_file -> 'members') || (
    select jsonb_agg(jsonb_build_object('id', 'x' || i, 'givenName', 'Embla', 'familyName', 'Ninefold ' || chr(64 + i), 'dateOfBirth', (date '2010-01-01' + i * 100)::text, 'relationship', 'CHILD'))
    from generate_series(1, 9 - jsonb_array_length(case_file -> 'members')) i))
from large l where e.claim_id = l.id and e.number = l.edition;
insert into paper (id, claim_id, digest, came_as, kind, subject, name, media_type, bytes, pages, state, reason, given_by, given_at)
select gen_random_uuid(), l.id, md5(i::text) || md5((i + 1000)::text), md5(i::text) || md5((i + 1000)::text), (array['PAY_SLIPS', 'HOUSING_COSTS', 'OTHER'])[1 + i % 3], case when i % 3 = 0 then 'm1' else '' end,
  'paper-' || i || '.pdf', 'application/pdf', 20000, 1, 'ACCEPTED', '', 'Bench', now()
from large l, generate_series(1, 30 - (select count(*)::int from paper p join large on large.id = p.claim_id)) i;
insert into paper_reading (paper_id, state, shown, read_at)
select p.id, 'READ', jsonb_build_array(
    jsonb_build_object('field', 'name', 'page', 1, 'read', 'Runa', 'value', 'Runa', 'place', jsonb_build_object('left', 0, 'top', 0, 'width', 0, 'height', 0), 'state', 'CONFIRMED', 'by', 'Bench'),
    jsonb_build_object('field', 'employer', 'page', 1, 'read', 'Tarn Quay Bakery', 'value', 'Tarn Quay Bakery', 'place', jsonb_build_object('left', 0, 'top', 0, 'width', 0, 'height', 0), 'state', 'CONFIRMED', 'by', 'Bench')), now()
from paper p join large l on l.id = p.claim_id where not exists (select 1 from paper_reading r where r.paper_id = p.id);
insert into claim_event (claim_id, at, actor, kind, details)
select l.id, now() - i * interval '1 hour', '"Bench"', 'note', jsonb_build_object('sentence', 'looked at it once more') from large l, generate_series(1, 60) i;
analyze;

-- The same claim with nine differences that are open: each of its people earns, and the register has other wages.
update edition e set case_file = jsonb_set(case_file, '{incomes}', (
    select jsonb_agg(jsonb_build_object('id', 'w' || n, 'member', member ->> 'id', 'kind', 'WAGES', 'amount', '150.00', 'frequency', 'MONTHLY', 'employer', 'Stonecrop ' || chr(64 + n::int)))
    from jsonb_array_elements(case_file -> 'members') with ordinality as people (member, n)))
from large l where e.claim_id = l.id and e.number = l.edition;
delete from register_request r using large l where r.claim_id = l.id and r.register = 'wages';
insert into register_request (id, claim_id, register, question, state, attempts, asked_at, tried_at, answered_at, answer, subject)
select gen_random_uuid(), l.id, 'wages', '{}', 'ANSWERED', 1, now(), now(), now(),
  jsonb_build_object('known', true, 'months', (
    select jsonb_agg(jsonb_build_object('employer', 'Stonecrop ' || chr(64 + n::int), 'gross', '420.00', 'month', to_char(c.received_on - back * interval '1 month', 'YYYY-MM'))) from generate_series(1, 3) back)), member ->> 'id'
from large l join claim c on c.id = l.id join edition e on e.claim_id = l.id and e.number = l.edition
  cross join jsonb_array_elements(e.case_file -> 'members') with ordinality as people (member, n);
analyze;
