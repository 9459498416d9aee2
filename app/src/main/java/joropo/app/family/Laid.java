package joropo.app.family;

import java.util.Map;
import joropo.core.arrangement.Arrangement;

/**
 * The parts of a job as a family's sheets have them.
 *
 * @param drawn what parts are called in the picture, by their keys
 */
public record Laid(Arrangement arrangement, Map<String, String> drawn) {}
