-- Which stories of the demo were told: a server that was ended while it told them goes on with the others.
create table demo_story (
    name text primary key
);
