-- What a bowl is called stands on its card, in words of the reader's language.
alter table mixed_bowl drop column title;
