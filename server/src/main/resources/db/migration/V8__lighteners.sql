-- Lighteners have figures of their own, and additives that are stirred into them. A lightener of which nothing was said is as plain
-- powder.
alter table product add column speed real;
alter table product add column harshness real;
alter table product add column most_volume real;
alter table product add column most_levels real;
alter table product add column on_scalp integer;
alter table product add column open_air integer;
alter table product add column cools real;
alter table product add column share real;
-- Of a shade: other classes its maker says it may be mixed with, in words.
alter table product add column mixes_with text not null default '';
update product
set speed = 1, harshness = 1, most_volume = 40, most_levels = 8, on_scalp = 1, open_air = 0, ratio = max(0.5, ratio)
where kind = 'LIGHTENER';
