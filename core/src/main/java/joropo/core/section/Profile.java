package joropo.core.section;

/** What a lip is made for. */
public enum Profile { STANDARD, PRESSURE }
