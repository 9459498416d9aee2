-- What came off here last time is read from the log of the last job that was signed here, where it stands.
alter table job drop column last_off;
