package joropo.app.register;

import joropo.core.lipseal.Rotation;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import org.jspecify.annotations.Nullable;

/** What is asked of a new seal position; sizes in mm, speed in rpm. */
public record NewPosition(String name, @Nullable Double shaftMm, @Nullable Double boreMm, Medium medium, Dirt dirt,
                          @Nullable Rotation rotation, @Nullable Double speedRpm) { }
