package joropo.core.plan;

/**
 * One step of the fitting plan.
 * @param id stays the same for the same act, whatever else the plan holds
 * @param act what to do, with its figure
 * @param why the reason, empty when the act speaks for itself
 * @param hold whether later steps wait for it
 * @param caution what can hurt, empty when nothing
 */
public record Step(String id, String act, String why, boolean hold, String caution) { }
