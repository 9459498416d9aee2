package joropo.core.plan;

import org.jspecify.annotations.Nullable;

/**
 * One step of the fitting plan.
 *
 * @param id stays the same for the same act, whatever else the plan holds
 * @param act what to do, with its figure
 * @param why the reason, empty when the act speaks for itself
 * @param hold whether later steps wait for it
 * @param caution what can hurt, empty when nothing
 * @param part the part of the section that goes in with it, absent when none does
 * @param inHand tool to have in hand, and who or what holds against it or supports the job; empty when nothing special
 */
public record Step(
        String id,
        String act,
        String why,
        boolean hold,
        String caution,
        @Nullable String part,
        String inHand) {}
