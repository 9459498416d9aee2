package joropo.core.oring;

/**
 * A gland of nominal sizes at one temperature, ring and metals grown (computed).
 *
 * @param fillPercent with what the ring swells
 */
public record AtTemperature(double temperatureC, double squeezePercent, double fillPercent) {}
