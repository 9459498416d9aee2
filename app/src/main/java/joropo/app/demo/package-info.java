/**
 * Demo data of a made-up sugar mill, made through the same services that people use. Open
 * {@link joropo.app.demo.DemoData} first.
 */
@NullMarked
package joropo.app.demo;

import org.jspecify.annotations.NullMarked;
