-- Why to come again follows from what for; it is said in the language of whoever reads it.
alter table upkeep drop column why;
alter table upkeep drop column warning;
