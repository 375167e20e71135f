-- Shades hold a violet dye as well since the model has one. Where it is null a shade was derived by the model of before; it is
-- derived again from its own words when the program starts.
alter table product add column violet real;
