/**
 * The half cut through one shaft entry: which way seals face, how deep they stand, what is in the way. Open
 * {@link joropo.core.section.Section} (the model), then {@link joropo.core.section.SectionCheck}; limits of a seat come
 * from the kind of seal that asks, by {@link joropo.core.section.SeatLimits}.
 *
 * <p>One file a family of rules: D1 and D2 (the lips' way round) LipRules, D3 (what is parted from what) MediaRules, D4
 * (tandem) TandemRules, D5 (grease) GreaseRules, D6 (dirt) DirtRules, D7 (ribs) RibRules, D8 (chevron sets)
 * ChevronRules, D9 (what holds it against pressure) RetentionRules, D10 (pairs) PairRules, D11 (ways past the lip)
 * JointRules, D12 (attitude) AttitudeRules; S1 (the stack) StackRules, S2 (depth) DepthRules, S3 (ports) PortRules, S4
 * (track) TrackRules, S5 (an old groove) GrooveRules, S6 (seat) SeatRules, S7 (order of building) BuildOrder, S8 (kit
 * against found) Comparison.
 */
@NullMarked
package joropo.core.section;

import org.jspecify.annotations.NullMarked;
