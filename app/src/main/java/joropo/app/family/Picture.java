package joropo.app.family;

/** A picture for a page and for print. @param svg drawn by the one engine */
public record Picture(String svg) {}
