-- Where post goes that is to go abroad: as it is written on an envelope, since no register here knows such addresses.
alter table contact add column abroad text not null default '';
