package joropo.core.lipseal;

/** Which table of outside allowances is used: ISO 6194-1 is wider, so its worst case is the safer one. */
public enum Practice {
    ISO,
    DIN
}
