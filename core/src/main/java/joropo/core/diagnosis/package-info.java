/**
 * From signs to causes: what a leak and an old seal show, and which look would tell most next. Open
 * {@link joropo.core.diagnosis.DiagnosisCheck} first.
 */
@NullMarked
package joropo.core.diagnosis;

import org.jspecify.annotations.NullMarked;
