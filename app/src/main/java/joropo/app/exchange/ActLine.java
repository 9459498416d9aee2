package joropo.app.exchange;

import java.time.Instant;

/** One line of the record of acts. */
record ActLine(long id, Instant at, String personName, String what) {}
