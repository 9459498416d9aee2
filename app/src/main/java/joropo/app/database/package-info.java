/** The one SQLite file: pools, pragmas, time stamps. Open {@link joropo.app.database.DatabaseConfig} first. */
@NullMarked
package joropo.app.database;

import org.jspecify.annotations.NullMarked;
