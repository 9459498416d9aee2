package joropo.core.lipseal;

/** Tools and helpers of the steps of a plan (guide). */
final class StepTools {
    private StepTools() {}

    /** What to have in hand before the step is begun, who holds against it, what carries the job. */
    static String of(String id) {
        return switch (id) {
            case "parts" -> "Caliper, the list, the old seal.";
            case "clean" -> "Solvent, lint-free cloth, plastic scraper, fine pad.";
            case "remedy", "remedy-proof" -> "Micrometer, 0.25 mm wire or profile gauge, thread and weight.";
            case "dry-trial" -> "Driver; a second hand steadies the shaft.";
            case "edges" -> "Assembly sleeve or tape; magnifier.";
            case "drive" ->
                "Driver and soft hammer, or press or draw bolt; the housing lies on its own face, somebody holds "
                        + "against it.";
            case "depth" -> "Depth gauge; clock positions marked.";
            case "shaft" -> "Sling or guide studs: the weight hangs in them; a second person guides.";
            case "turn" -> "Hand or bar on the coupling, agreed aloud.";
            case "fill" -> "Funnel, the right oil, drain pan.";
            default -> id.startsWith("in-") ? "Its own driver or pliers." : "";
        };
    }
}
