-- the words that are written in jobs, in their order: a part of a word is looked up here first, and asked for as whole words
create virtual table found_word using fts5vocab(found, instance);
