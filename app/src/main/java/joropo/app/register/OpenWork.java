package joropo.app.register;

/** Says whether work goes on at a position, so that what it is about stays as it is. */
public interface OpenWork {
    boolean at(long positionId);
}
