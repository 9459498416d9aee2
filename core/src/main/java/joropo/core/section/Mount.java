package joropo.core.section;

/** What carries a seal: it is pressed into the bore, or onto the shaft with its lip on the housing. */
public enum Mount {
    BORE,
    SHAFT
}
