package joropo.app.ui;

/** A state as a page shows it: which mark, which word. */
public record StatusMark(String mark, String word) {}
