-- Whoever signs by a link says who they are. What was said wrongly counts for the person, over all links, forms and days:
-- another link brings no further tries.
create table signer_tries (
    claim_id uuid not null references claim,
    whom     text not null,
    tries    int  not null default 0,
    primary key (claim_id, whom)
);

insert into signer_tries (claim_id, whom, tries)
select a.claim_id, a.whom, max(case when l.closed then 3 else l.tries end)
from ask_link l join ask a on a.id = l.ask_id
where a.kind = 'SIGNATURE'
group by a.claim_id, a.whom
having max(case when l.closed then 3 else l.tries end) > 0;

alter table ask_link drop column tries;
alter table ask_link drop column closed;
