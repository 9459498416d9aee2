package joropo.app.family;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import joropo.core.arrangement.PartKind;
import org.springframework.stereotype.Service;

/** The kinds of sealing that a job may be about. */
@Service
public class Families {
    private final Map<PartKind, Family> byKind = new TreeMap<>();

    Families(List<Family> all) {
        for (Family family : all) {
            if (byKind.put(family.kind(), family) != null) {
                throw new IllegalStateException("Two families are of the kind " + family.kind());
            }
        }
    }

    public Optional<Family> of(PartKind kind) {
        return Optional.ofNullable(byKind.get(kind));
    }

    /** The family of an item that a job holds already. */
    public Family need(PartKind kind) {
        return of(kind).orElseThrow(() -> new IllegalStateException("No family is of the kind " + kind));
    }

    public List<PartKind> kinds() {
        return List.copyOf(byKind.keySet());
    }
}
