package joropo.app.exchange;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** A long list in pieces, for what is done in steps. */
final class Pieces {
    private Pieces() {}

    /** @param most that a piece holds */
    static List<List<JsonNode>> of(JsonNode list, int most) {
        List<List<JsonNode>> out = new ArrayList<>();
        for (JsonNode one : list) {
            if (out.isEmpty() || out.get(out.size() - 1).size() == most) {
                out.add(new ArrayList<>());
            }
            out.get(out.size() - 1).add(one);
        }
        return out;
    }
}
