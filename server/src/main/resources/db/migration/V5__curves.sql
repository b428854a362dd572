-- Easing functions that people saved by name.
create table own_curve (
    name varchar(60) primary key,
    function varchar(2000) not null
);
