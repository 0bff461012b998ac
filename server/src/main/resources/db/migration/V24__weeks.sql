-- Money for a week is paid as money for a month is: each once. A week is known by its Monday.
alter table payment rename column month to paid_for;
alter table payment drop constraint payment_month_check;
alter table payment add constraint payment_paid_for_check check (paid_for ~ '^[0-9]{4}-[0-9]{2}(-[0-9]{2})?$');
